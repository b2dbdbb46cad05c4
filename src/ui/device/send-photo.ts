import type { PhotoRow } from './device-store';

export interface StoredPhoto {
  readonly sha256: string;
  readonly type: string;
  readonly bytes: number;
  readonly widthPx: number;
  readonly heightPx: number;
  readonly takenAt: string | null;
}
export type PhotoAnswer =
  | { ok: true; photo: StoredPhoto }
  | { ok: false; why: 'offline' | 'signed-out' }
  /** `store`: the server has no room for pictures now, or cannot reach them. */
  | { ok: false; why: 'refused' | 'store'; message: string };

const PART_BYTES = 1024 * 1024;

/** SHA-256 of a file, as the server names it. */
export async function shaOf(bytes: Blob): Promise<string> {
  const buffer = await bytes.arrayBuffer();
  if (!globalThis.crypto?.subtle) {
    // Browsers keep their own hash from pages served without TLS.
    const { sha256 } = await import('@noble/hashes/sha2.js');
    return hex(sha256(new Uint8Array(buffer)));
  }
  return hex(new Uint8Array(await crypto.subtle.digest('SHA-256', buffer)));
}

const hex = (bytes: Uint8Array) => [...bytes].map((b) => b.toString(16).padStart(2, '0')).join('');

async function call(
  url: string,
  init?: RequestInit,
): Promise<{ status: number; body: Record<string, unknown> } | null> {
  const response = await fetch(url, init).catch(() => null);
  if (!response) return null;
  return { status: response.status, body: await response.json().catch(() => ({})) };
}

function verdict(answer: { status: number; body: Record<string, unknown> } | null): PhotoAnswer {
  if (answer && String(answer.body.reason).startsWith('store-'))
    return { ok: false, why: 'store', message: String(answer.body.message) };
  if (!answer || answer.status >= 500 || answer.status === 429) return { ok: false, why: 'offline' };
  if (answer.status === 401) return { ok: false, why: 'signed-out' };
  if (answer.body.ok === true) return { ok: true, photo: answer.body.photo as StoredPhoto };
  return {
    ok: false,
    why: 'refused',
    message: String(answer.body.message ?? 'The server does not take this picture.'),
  };
}

/**
 * Sends one picture in parts, going on where an earlier try broke off; a picture that the server has already is not
 * sent again. `progress` is told the share that has arrived.
 */
export async function sendPhoto(
  row: Pick<PhotoRow, 'inspection' | 'bytes'> & { origin: string },
  progress: (share: number) => void,
  aborted: () => boolean = () => false,
): Promise<PhotoAnswer> {
  const url = `/api/v1/inspections/${row.inspection}/uploads/${row.origin}`;
  const state = await call(url);
  if (state?.status !== 200 || state.body.ok === true) return verdict(state);
  const have = new Set(state.body.parts as number[]);
  const parts = Math.max(1, Math.ceil(row.bytes.size / PART_BYTES));
  for (let i = 0; i < parts; i++) {
    if (aborted()) return { ok: false, why: 'offline' };
    progress(i / parts);
    if (have.has(i)) continue;
    const body = row.bytes.slice(i * PART_BYTES, (i + 1) * PART_BYTES);
    const sent = await call(`${url}?part=${i}`, { method: 'PUT', body });
    if (sent?.status !== 200) return verdict(sent);
  }
  progress(0.95);
  return verdict(
    await call(url, {
      method: 'POST',
      headers: { 'content-type': 'application/json' },
      body: JSON.stringify({ parts }),
    }),
  );
}
