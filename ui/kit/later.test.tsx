import { TextEncoder } from 'node:util';
import { act } from '@testing-library/react';
import type { ReactNode } from 'react';
import { hydrateRoot, type Root } from 'react-dom/client';
import { fetchedPart } from './fetched-part';
import { ToastProvider } from './toast';

/** A page that nobody has touched yet: what waits for it. */
jest.mock('./first-touch', () => {
  const waiting: (() => void)[] = [];
  return { waiting, atFirstTouch: (what: () => void) => waiting.push(what) };
});
const { waiting } = jest.requireMock<{ waiting: readonly (() => void)[] }>('./first-touch');

Object.assign(globalThis, { TextEncoder });
const Part = fetchedPart(() => Promise.resolve({ default: () => <section>the chart</section> }), 'Drawing…', {
  ahead: true,
});

let root: Root;
afterEach(() => act(() => root.unmount()));

/** A page as the server sent it, touched before its program listens: what comes then has come before it begins. */
async function touchedEarly(page: ReactNode) {
  const { renderToString } = await import('react-dom/server.edge');
  const container = document.createElement('div');
  container.innerHTML = renderToString(page);
  const sent = container.innerHTML;
  for (const what of waiting) what();
  await import('./toast-list');
  await new Promise((resolve) => setTimeout(resolve));
  const wrong: unknown[] = [];
  await act(async () => {
    root = hydrateRoot(container, page, { onRecoverableError: (error) => wrong.push(error) });
    await Promise.resolve();
  });
  return { container, sent, wrong };
}

test('a part that came early is shown once the page has begun as the server sent it', async () => {
  const { container, sent, wrong } = await touchedEarly(<Part />);
  expect(sent).toContain('Drawing…');
  expect(wrong).toEqual([]);
  expect(container.textContent).toBe('the chart');
});

test('so are the short notices, and what stands in the page stays', async () => {
  const { container, sent, wrong } = await touchedEarly(<ToastProvider>the page</ToastProvider>);
  expect(sent).toBe('the page');
  expect(wrong).toEqual([]);
  expect(container.querySelector('[role=region]')).not.toBeNull();
});
