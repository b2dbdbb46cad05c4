import { problem } from './api';
import { StoreTrouble } from './object-store';
import type { TakenPhoto } from './photo-import';
import { PHOTO_LIMITS, type PhotoRefusal } from './photo-limits';

type Refusal = PhotoRefusal | 'parts-missing' | 'parts-differ';

const SAYS: Record<Refusal, string> = {
  'not-a-picture': 'This file is no JPEG, PNG, WebP or HEIC picture.',
  damaged: 'This picture is damaged and cannot be read.',
  'too-many-pixels': `This picture unpacks to more than ${PHOTO_LIMITS.pixels / 1e6} million pixels, or ${PHOTO_LIMITS.heldPixels / 1e6} million of a progressive JPEG or HEIC.`,
  'too-large': `This file is larger than ${PHOTO_LIMITS.bytes / 1024 / 1024} MB.`,
  'too-heavy': 'This picture took more memory or time to unpack than one may. It was not taken.',
  busy: 'Very many pictures are being taken in just now. The picture stays on this device and is sent again.',
  quota:
    'Your house’s room for pictures is full. The picture stays on this device; whoever runs the server can give more.',
  'parts-missing': 'Parts of this picture have not arrived yet. Send them, then finish again.',
  'parts-differ': 'The parts do not make up the file that was announced. Send it again from the start.',
};

const STATUS: Partial<Record<Refusal, number>> = {
  'too-large': 413,
  quota: 507,
  busy: 503,
  'parts-missing': 409,
  'parts-differ': 409,
};

/** The answer to a picture that was taken, or refused with its reason. */
export function pictureAnswer(taken: { ok: true; photo: TakenPhoto } | { ok: false; reason: Refusal }): Response {
  if (!taken.ok) {
    const status = STATUS[taken.reason] ?? 422;
    return problem(status, taken.reason, SAYS[taken.reason]);
  }
  const { sha256, type, bytes, widthPx, heightPx, takenAt } = taken.photo;
  return Response.json({
    ok: true,
    photo: { sha256, type, bytes, widthPx, heightPx, takenAt: takenAt?.toISOString() ?? null },
  });
}

/** Runs work on the store; a store that is full or away is told as such, with what is safe. */
export async function withStore(work: () => Promise<Response>): Promise<Response> {
  try {
    return await work();
  } catch (error) {
    if (!(error instanceof StoreTrouble)) throw error;
    return error.why === 'full'
      ? problem(
          507,
          'store-full',
          'The server’s disk for pictures is full. Entries are safe; the picture stays on this device. Tell whoever runs the server.',
        )
      : problem(
          503,
          'store-away',
          'The server cannot reach its pictures. Entries are safe; the picture stays on this device and is sent again. Tell whoever runs the server.',
        );
  }
}
