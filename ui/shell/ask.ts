import { healthWords } from './health-words';
import { noteTouch } from './touch';

/** Answer of the server to something sent: done, or a refusal with the fields it concerns. */
export type Sent<T> = { ok: true; value: T } | Refused;

export interface Refused {
  ok: false;
  /** `no-answer` when none came; else the server's code. */
  code: string;
  /** Whether the same may be sent again later as it is: nobody has refused it for what it says. */
  later: boolean;
  message: string;
  fields: { field: string; message: string }[];
  /** The whole answer, where a refusal says more. */
  answer: unknown;
}

/** The reason given when nothing came back at all. */
export const NO_ANSWER = 'The server does not answer.';
/** An answer that takes longer is taken for lost. */
const PATIENCE_MS = 15_000;
/** Asks for news. Never throws either; what fails changes nothing but the line that says so. */
export async function ask<T>(url: string): Promise<Sent<T>> {
  return (await once<T>('GET', url)).sent;
}

/** One request and its answer, with the time after which a busy server asks to be asked again. */
export async function once<T>(
  method: string,
  url: string,
  body?: unknown,
  token?: string,
): Promise<{ sent: Sent<T>; waitMs: number }> {
  try {
    const response = await fetch(url, {
      method,
      headers: {
        ...(body === undefined ? {} : { 'content-type': 'application/json' }),
        ...(token === undefined ? {} : { authorization: `Bearer ${token}` }),
      },
      body: body === undefined ? null : JSON.stringify(body),
      signal: AbortSignal.timeout(PATIENCE_MS),
    });
    if (response.status === 204) {
      noteTouch(null);
      return { sent: { ok: true, value: undefined as T }, waitMs: 0 };
    }
    const answer = (await response.json()) as {
      error?: { code: string; message: string; fields: { field: string; message: string }[] };
    };
    const message =
      answer.error?.message ?? (response.status === 503 ? healthWords(answer) : 'The server refused.');
    if (answer.error?.code !== 'busy') noteTouch(response.status === 503 ? message : null);
    if (response.ok) return { sent: { ok: true, value: answer as T }, waitMs: 0 };
    return {
      sent: {
        ok: false,
        code: answer.error?.code ?? 'failed',
        later: response.status >= 500,
        message,
        fields: answer.error?.fields ?? [],
        answer,
      },
      waitMs: waitOf(response),
    };
  } catch {
    noteTouch(NO_ANSWER);
    return {
      sent: {
        ok: false,
        code: 'no-answer',
        later: true,
        message: `${NO_ANSWER} What you typed is still here; try again.`,
        fields: [],
        answer: null,
      },
      waitMs: 0,
    };
  }
}

/** What the server asks for, spread a little so that a class does not come back at one moment. */
export function waitOf(response: Response): number {
  const seconds = Number(response.headers.get('Retry-After') ?? '1');
  return 1000 * Math.min(Math.max(seconds || 1, 0.2), 30) * (0.5 + Math.random());
}
