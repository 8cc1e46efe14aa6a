import 'server-only';

/** Where a request comes from, as the door found it (door/address.ts); what a client says itself is not believed. */
export function addressOf(request: Request): string {
  return request.headers.get('x-oyakata-from') ?? 'unknown';
}
