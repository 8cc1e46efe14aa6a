'use client';

import { useEffect, useRef } from 'react';

/** Attempts that have changed; `null`: anything may have, since the page was away. */
export type News = readonly { id: number; version: number }[] | null;

type Listener = (news: News) => void;

const NAME = 'oyakata-news';
const listeners = new Set<Listener>();
const goneListeners = new Set<() => void>();

/** Calls when the session of this browser is over. */
export function subscribeGone(listener: () => void): () => void {
  goneListeners.add(listener);
  return () => void goneListeners.delete(listener);
}
let begun = false;

function tell(news: News): void {
  listeners.forEach((listener) => listener(news));
}

/**
 * One stream for all tabs of a browser: the tab that holds the lock listens to the server and tells the others, so that
 * many tabs do not use up the few connections that a browser opens to one server. The lock passes on when its tab closes.
 */
function begin(): void {
  if (begun) return;
  begun = true;
  const channel = new BroadcastChannel(NAME);
  channel.onmessage = ({ data }: MessageEvent<News | 'gone'>) =>
    data === 'gone' ? goneListeners.forEach((listener) => listener()) : tell(data);
  const pass = (news: News) => {
    tell(news);
    channel.postMessage(news);
  };
  const passGone = () => {
    goneListeners.forEach((listener) => listener());
    channel.postMessage('gone');
  };
  // The lock is held as long as the page lives, or its session: whoever signs in in another tab takes over.
  void navigator.locks.request(NAME, () => new Promise<void>((end) => listen(pass, passGone, end)));
}

/** After a refusal (no room, a proxy without its server) a browser does not come again by itself. */
const AGAIN_MS = 10_000;

function listen(pass: (news: News) => void, passGone: () => void, end: () => void): void {
  const source = new EventSource('/api/events');
  let gone = false;
  source.addEventListener('hello', () => pass(null));
  source.addEventListener('attempts', ({ data }: MessageEvent<string>) => pass(JSON.parse(data) as News));
  // Signed out, or out of the class: nothing more is told here.
  source.addEventListener('gone', () => {
    gone = true;
    source.close();
    passGone();
    end();
  });
  source.addEventListener('error', () => {
    if (source.readyState === EventSource.CLOSED && !gone)
      window.setTimeout(() => listen(pass, passGone, end), AGAIN_MS);
  });
}

/** Calls with what has changed, as soon as the server tells. Where the browser can not, nothing comes and nothing breaks. */
export function useNews(onNews: Listener): void {
  const latest = useRef(onNews);
  useEffect(() => {
    latest.current = onNews;
  });
  useEffect(() => {
    if (typeof EventSource === 'undefined' || navigator.locks === undefined) return;
    const listener: Listener = (news) => latest.current(news);
    listeners.add(listener);
    begin();
    return () => void listeners.delete(listener);
  }, []);
}
