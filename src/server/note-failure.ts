/** Where an error happened: the first frames of its stack, without its message, which may hold what a person entered. */
export function framesOf(error: Error): string {
  const frames = (error.stack ?? '').split('\n').filter((l) => l.startsWith('    at '));
  return frames.slice(0, 4).join('');
}

/** Notes a failure without what a person entered: its kind, and where it happened. */
export function noteFailure(error: unknown): void {
  const known = error instanceof Error;
  console.error('request failed:', known ? error.name : 'unknown', known ? framesOf(error) : '');
}

/** SQLSTATE classes of what passes by itself: connection, rollback by concurrency, resources, a lock or a query's time-out. */
const PASSING = /^(08|40|53|55|57)/;

/** Whether a failure says nothing about what was asked: the database is away, busy or was told to stop. */
export function passes(error: unknown): boolean {
  const { code, cause, name } = (error ?? {}) as { code?: unknown; cause?: { code?: unknown }; name?: string };
  // The sign-in library's own word for a database that it cannot ask.
  if (name === 'APIError') return true;
  const said = cause?.code ?? code;
  return typeof said === 'string' && (PASSING.test(said) || said === 'CONNECTION_CLOSED' || said === 'CONNECT_TIMEOUT');
}
