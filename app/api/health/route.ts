import { health } from '@/app/server/health';

export const dynamic = 'force-dynamic';

/** 200 when application, database and disk are well, else 503 with what is not. */
export async function GET(): Promise<Response> {
  const found = await health();
  return Response.json(found, {
    status: found.status === 'ok' ? 200 : 503,
    headers: { 'Cache-Control': 'no-store' },
  });
}
