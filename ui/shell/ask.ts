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
  return (await once<T>(url, {})).sent;
}

/** One request: its answer as it is understood, and as it came; null where none did. */
export async function once<T>(
  url: string,
  init: RequestInit,
): Promise<{ sent: Sent<T>; response: Response | null }> {
  try {
    const response = await fetch(url, { ...init, signal: AbortSignal.timeout(PATIENCE_MS) });
    return { sent: await understood(response), response };
  } catch {
    noteTouch(NO_ANSWER);
    const message = `${NO_ANSWER} What you typed is still here; try again.`;
    return {
      sent: { ok: false, code: 'no-answer', later: true, message, fields: [], answer: null },
      response: null,
    };
  }
}

/** @throws when the answer is cut off, or none of ours */
async function understood<T>(response: Response): Promise<Sent<T>> {
  if (response.status === 204) {
    noteTouch(null);
    return { ok: true, value: undefined as T };
  }
  const answer = (await response.json()) as {
    error?: { code: string; message: string; fields: { field: string; message: string }[] };
  };
  const { error } = answer;
  const message = error?.message ?? (response.status === 503 ? healthWords(answer) : 'The server refused.');
  if (error?.code !== 'busy') noteTouch(response.status === 503 ? message : null);
  if (response.ok) return { ok: true, value: answer as T };
  return {
    ok: false,
    code: error?.code ?? 'failed',
    later: response.status >= 500,
    message,
    fields: error?.fields ?? [],
    answer,
  };
}
