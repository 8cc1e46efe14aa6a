import { render, screen } from '@testing-library/react';
import { planFor } from '@/core/test/record';
import { completeBrowser } from '../test/browser';
import { SetupCard } from './setup-card';

completeBrowser();
const derived = planFor({ dialPerTurn: '0.040', swivelZero: 'bed' });

test('the card holds every step with its value and every pass with its reading, turns counted', () => {
  render(<SetupCard plan={derived.plan} revision={2} student="One" tryNumber={1} back="/" />);
  const [steps, passes] = screen.getAllByRole('table');
  expect(steps?.querySelectorAll('tbody tr')).toHaveLength(15);
  expect(passes?.querySelectorAll('tbody tr')).toHaveLength(derived.passes.length);
  expect(passes?.textContent).toContain('1 turn + 0.005');
  expect(
    screen.getByText(/60.5° {2}\(29.5° from the cross slide\)/, { normalizer: (text) => text }),
  ).not.toBeNull();
  expect(screen.getByText(/revision 2/)).not.toBeNull();
  expect(screen.getByText(/a qualified instructor decides/)).not.toBeNull();
});

test('without a student there is a line to write on', () => {
  render(<SetupCard plan={derived.plan} revision={null} student={null} tryNumber={null} back="/" />);
  expect(screen.getByText(/Student: ____/)).not.toBeNull();
  expect(screen.getByText(/draft/)).not.toBeNull();
});
