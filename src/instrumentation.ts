/** Called once by the framework when a server starts. */
export async function register(): Promise<void> {
  if (process.env.NEXT_RUNTIME !== 'nodejs' || process.env.NEXT_PHASE === 'phase-production-build') return;
  const [{ quietErrors }, { keepHouse }, { db }] = await Promise.all([
    import('./server/quiet-errors'),
    import('./server/housekeeping'),
    import('./data/db'),
  ]);
  quietErrors();
  if (process.env.DATABASE_URL) keepHouse(db());
}
