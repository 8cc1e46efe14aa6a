import { stillThere, watchNews } from '@/data/news';
import { handleBare } from '@/app/server/handle';
import { token } from '@/app/server/session';

/** A comment as often keeps proxies from closing the stream, and asks whether the session still stands. */
const BEAT_MS = 15_000;

/**
 * Live news as server-sent events: `attempts` with the ids and versions of those that changed. It begins with `hello`:
 * whoever was away looks at everything anew.
 */
export const GET = handleBare(async ({ viewer, request }) => {
  const session = await token();
  const encoder = new TextEncoder();
  let stop: (() => void) | null = null;
  let beat: NodeJS.Timeout | undefined;
  let over = false;
  const end = () => {
    over = true;
    clearInterval(beat);
    stop?.();
    stop = null;
  };
  const stream = new ReadableStream<Uint8Array>({
    async start(controller) {
      const write = (text: string) => {
        try {
          controller.enqueue(encoder.encode(text));
        } catch {
          end();
        }
      };
      request.signal.addEventListener('abort', () => {
        end();
        try {
          controller.close();
        } catch {
          // Closed already.
        }
      });
      stop = await watchNews(viewer, (changes) =>
        write(`event: attempts\ndata: ${JSON.stringify(changes)}\n\n`),
      );
      // Whoever went away while it began leaves no watcher behind.
      if (over || request.signal.aborted) return end();
      write(`retry: 2000\nevent: hello\ndata: ${JSON.stringify({ now: new Date().toISOString() })}\n\n`);
      beat = setInterval(() => {
        write(': still here\n\n');
        stillThere(session).then(
          (there) => {
            if (there) return;
            write('event: gone\ndata: {}\n\n');
            end();
            controller.close();
          },
          () => undefined,
        );
      }, BEAT_MS);
    },
    cancel: end,
  });
  return new Response(stream, {
    headers: {
      'Content-Type': 'text/event-stream; charset=utf-8',
      // `no-transform`: compressing would hold the events back.
      'Cache-Control': 'no-store, no-transform',
      'X-Accel-Buffering': 'no',
    },
  });
});
