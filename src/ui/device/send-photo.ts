import type { PhotoRow } from './device-store';
import { type Answered, sendInParts } from './send-in-parts';

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

function verdict(answer: Answered): PhotoAnswer {
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
  return verdict(await sendInParts(url, row.bytes, PART_BYTES, { progress, aborted }));
}
