/** Notes a failure without what a person entered: its kind, a number to find it by, and where it happened. */
export function noteFailure(error: unknown): void {
  const frames = error instanceof Error ? (error.stack ?? '').split('\n').filter((l) => l.startsWith('    at ')) : [];
  console.error('request failed:', error instanceof Error ? error.name : 'unknown', frames.slice(0, 4).join(''));
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
