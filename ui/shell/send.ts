/** Answer of the server to something sent: done, or a refusal with the fields it concerns. */
export type Sent<T> =
  { ok: true; value: T } | { ok: false; message: string; fields: { field: string; message: string }[] };

/** Sends JSON to a route handler. Never throws: a lost connection is a refusal like any other. */
export async function send<T>(
  method: 'POST' | 'PUT' | 'DELETE',
  url: string,
  body?: unknown,
): Promise<Sent<T>> {
  try {
    const response = await fetch(url, {
      method,
      headers: body === undefined ? {} : { 'content-type': 'application/json' },
      body: body === undefined ? undefined : JSON.stringify(body),
    });
    if (response.status === 204) return { ok: true, value: undefined as T };
    const answer = (await response.json()) as {
      error?: { message: string; fields: { field: string; message: string }[] };
    };
    if (response.ok) return { ok: true, value: answer as T };
    return {
      ok: false,
      message: answer.error?.message ?? 'The server refused.',
      fields: answer.error?.fields ?? [],
    };
  } catch {
    return {
      ok: false,
      message: 'The server does not answer. What you typed is still here; try again.',
      fields: [],
    };
  }
}
