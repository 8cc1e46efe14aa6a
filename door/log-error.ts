import pino from 'pino';

/**
 * An error as the log keeps it: without the statement that failed, whose values may be anything that a person has typed.
 */
export function logError(error: Error): object {
  const { type, message, stack, ...more } = pino.stdSerializers.err(error) as Record<string, unknown>;
  const cut = (text: unknown) => String(text).replace(/\n?sql: [^]*?parameters:.*?(?=\n|$)/, '');
  const kept = Object.fromEntries(
    ['code', 'errno', 'sqlState', 'syscall'].flatMap((name) => (name in more ? [[name, more[name]]] : [])),
  );
  return { type, message: cut(message), stack: cut(stack), ...kept };
}
