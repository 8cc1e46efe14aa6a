/** For tests: what jsdom leaves out and Radix or the drawings ask for; what one test typed is not kept for the next. */
export function completeBrowser(): void {
  beforeEach(() => window.sessionStorage.clear());
  if (!('timeout' in AbortSignal))
    Object.assign(AbortSignal, { timeout: () => new AbortController().signal });
  globalThis.ResizeObserver = class {
    observe() {}
    unobserve() {}
    disconnect() {}
  };
}

/** For tests: answers every fetch with a status and a body, and tells what was sent. There is never any news. */
export function answerFetch(status: number, body: unknown) {
  const sent: { url: string; body: unknown }[] = [];
  globalThis.fetch = ((url: string, init?: { body?: string }) => {
    if (!url.includes('/news'))
      sent.push({ url, body: init?.body === undefined ? undefined : (JSON.parse(init.body) as unknown) });
    const [code, answer] = url.includes('/news')
      ? [200, { entries: [], marked: false, sheetId: 3 }]
      : [status, body];
    return Promise.resolve({
      ok: code < 400,
      status: code,
      headers: new Map(),
      json: () => Promise.resolve(answer),
    });
  }) as unknown as typeof fetch;
  return sent;
}
