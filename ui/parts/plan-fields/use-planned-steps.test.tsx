import { act, renderHook } from '@testing-library/react';
import type { ReactNode } from 'react';
import { completeBrowser } from '@/ui/test/browser';
import { Planned } from '@/ui/test/planning';
import { usePlannedSteps } from './use-planned-steps';

completeBrowser();

test('a step of her own lands before the hold point: whoever signs has seen it too', () => {
  const wrapper = ({ children }: { children: ReactNode }) => (
    <Planned form={{ 'thread.designation': '3/4-16 UNF-2A' }}>{children}</Planned>
  );
  const { result } = renderHook(() => usePlannedSteps(), { wrapper });
  act(() => void result.current.add('Guard in its place'));
  act(() => void result.current.add('Oil at hand'));
  const before = result.current.steps.flatMap(({ step }) =>
    step?.when === 'before-cutting' ? [step.title] : [],
  );
  expect(before.slice(-3)).toEqual(['Guard in its place', 'Oil at hand', expect.stringContaining('look')]);
});
