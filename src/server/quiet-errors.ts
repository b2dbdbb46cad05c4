import { framesOf } from './note-failure';

/** A failed query's message holds the query with what people entered, and session tokens: none of it belongs in a log. */
function told(given: unknown): unknown {
  if (!(given instanceof Error)) return given;
  const { cause, digest } = given as Error & { cause?: { code?: unknown }; digest?: unknown };
  if (!given.message.startsWith('Failed query') && !/\bparams:/.test(given.message)) return given;
  return `a query failed (${String(cause?.code ?? 'no code')}, ${String(digest ?? 'no digest')})${framesOf(given)}`;
}

/** Lets the framework's own messages about failed pages through without the insides of queries. */
export function quietErrors(log: { error: (...given: unknown[]) => void } = console): void {
  const before = log.error.bind(log);
  log.error = (...given) => before(...given.map(told));
}
