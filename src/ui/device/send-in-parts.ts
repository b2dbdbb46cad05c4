/** What the server said, or null where it did not answer. */
export type Answered = { readonly status: number; readonly body: Record<string, unknown> } | null;

async function call(url: string, init?: RequestInit): Promise<Answered> {
  const response = await fetch(url, init).catch(() => null);
  if (!response) return null;
  return { status: response.status, body: await response.json().catch(() => ({})) };
}

/**
 * Sends a file in parts to an address that knows its hash, going on where an earlier try broke off, and has it put
 * together. `progress` is told the share that has arrived. Returns the last answer: the one that says what became of the
 * file, or the first that was no success; null where the server did not answer or the sending was stopped.
 */
export async function sendInParts(
  url: string,
  file: Blob,
  partBytes: number,
  { progress, aborted }: { progress: (share: number) => void; aborted: () => boolean },
): Promise<Answered> {
  const state = await call(url);
  if (state?.status !== 200 || state.body.ok === true) return state;
  const have = new Set(state.body.parts as number[]);
  const parts = Math.max(1, Math.ceil(file.size / partBytes));
  for (let i = 0; i < parts; i++) {
    if (aborted()) return null;
    progress(i / parts);
    if (have.has(i)) continue;
    const body = file.slice(i * partBytes, (i + 1) * partBytes);
    const sent = await call(`${url}?part=${i}`, { method: 'PUT', body });
    if (sent?.status !== 200) return sent;
  }
  progress(0.95);
  return call(url, {
    method: 'POST',
    headers: { 'content-type': 'application/json' },
    body: JSON.stringify({ parts }),
  });
}
