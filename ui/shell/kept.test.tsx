import { act, renderHook } from '@testing-library/react';
import type { ReactNode } from 'react';
import { KeptUnder, useKept } from './kept';

const EMPTY = { start: '', end: '' };
const under = (name: string) =>
  function Scope({ children }: { children: ReactNode }) {
    return <KeptUnder name={name}>{children}</KeptUnder>;
  };
const note = (scope: string) => renderHook(() => useKept('note', ''), { wrapper: under(scope) }).result;

beforeEach(() => window.sessionStorage.clear());

test('what is typed is there again after the page was lost, within its own scope', () => {
  const first = note('attempt-7');
  act(() => first.current[1]('dull tool'));
  expect(first.current[0]).toBe('dull tool');
  expect(note('attempt-7').current[0]).toBe('dull tool');
  expect(note('attempt-8').current[0]).toBe('');
});

test('set back to the first value it is forgotten', () => {
  const { current } = note('attempt-7');
  act(() => current[1]('x'));
  act(() => current[1](''));
  expect(window.sessionStorage).toHaveLength(0);
});

test('fields that came later are empty, and another shape is as if nothing were kept', () => {
  window.sessionStorage.setItem('oyakata-typed--m', JSON.stringify({ start: '1' }));
  expect(renderHook(() => useKept('m', EMPTY)).result.current[0]).toEqual({ start: '1', end: '' });
  window.sessionStorage.setItem('oyakata-typed--m', '"text"');
  expect(renderHook(() => useKept('m', EMPTY)).result.current[0]).toEqual(EMPTY);
  window.sessionStorage.setItem('oyakata-typed--m', '{"st');
  expect(renderHook(() => useKept('m', EMPTY)).result.current[0]).toEqual(EMPTY);
});

test('without storage it lasts as long as the page', () => {
  const denied = jest.spyOn(Storage.prototype, 'setItem').mockImplementation(() => {
    throw new Error('denied');
  });
  const read = jest.spyOn(Storage.prototype, 'getItem').mockImplementation(() => {
    throw new Error('denied');
  });
  const { current } = note('attempt-9');
  act(() => current[1]('typed'));
  expect(note('attempt-9').current[0]).toBe('typed');
  denied.mockRestore();
  read.mockRestore();
});
