/** For tests: what jsdom leaves out and Radix or the drawings ask for. */
export function completeBrowser(): void {
  globalThis.ResizeObserver = class {
    observe() {}
    unobserve() {}
    disconnect() {}
  };
}

/** For tests: answers every fetch with a status and a body, and tells what was sent. */
export function answerFetch(status: number, body: unknown) {
  const sent: { url: string; body: unknown }[] = [];
  globalThis.fetch = ((url: string, init?: { body?: string }) => {
    sent.push({ url, body: init?.body === undefined ? undefined : (JSON.parse(init.body) as unknown) });
    return Promise.resolve({ ok: status < 400, status, json: () => Promise.resolve(body) });
  }) as unknown as typeof fetch;
  return sent;
}
