/** Where this server is reached: FARVIN_URL, else this machine's own addresses. Nothing a caller says counts. */
export function ownOrigins(): readonly string[] {
  const given = process.env.FARVIN_URL;
  if (given) return [new URL(given).origin];
  const port = process.env.PORT ?? '3000';
  return [`http://127.0.0.1:${port}`, `http://localhost:${port}`];
}

/** Whether a request that changes something comes from a page of this very program. */
export function sameOrigin(request: Request): boolean {
  const origin = request.headers.get('origin');
  if (origin !== null) return ownOrigins().includes(origin);
  // No browser leaves it out when it changes something; a program may, and has no cookies of somebody else's.
  const site = request.headers.get('sec-fetch-site');
  return site === null || site === 'same-origin' || site === 'none';
}
