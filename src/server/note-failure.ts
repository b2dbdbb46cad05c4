/** Notes a failure without what a person entered: its kind, a number to find it by, and where it happened. */
export function noteFailure(error: unknown): void {
  const frames = error instanceof Error ? (error.stack ?? '').split('\n').filter((l) => l.startsWith('    at ')) : [];
  console.error('request failed:', error instanceof Error ? error.name : 'unknown', frames.slice(0, 4).join(''));
}
