import { z } from 'zod';
import { shaSchema } from '@/core/kinds/common';
import { FILM_TYPES } from '@/core/kinds/film';
import { sendInParts } from './send-in-parts';

/** As the server keeps it (docs/formats/api.md). */
const PART_BYTES = 4 * 1024 * 1024;
export const MOST_FILM_BYTES = 2000 * 1024 * 1024;

const keptSchema = z.object({ sha256: shaSchema, type: z.enum(FILM_TYPES), bytes: z.number().int().positive() });
export type KeptFilm = z.infer<typeof keptSchema>;

/**
 * Sends a film in parts, going on where an earlier try broke off; one that the server has already is not sent again. Says
 * in words why it is not kept.
 */
export async function sendFilm(
  inspection: string,
  origin: string,
  film: Blob,
  watched: { progress: (share: number) => void; aborted: () => boolean },
): Promise<{ ok: true; film: KeptFilm } | { ok: false; message: string }> {
  const answer = await sendInParts(`/api/v1/inspections/${inspection}/films/${origin}`, film, PART_BYTES, watched);
  if (!answer)
    return {
      ok: false,
      message:
        'The server did not answer. What has arrived of the film is kept for some days: go on when you are connected.',
    };
  const kept = answer.body.ok === true ? keptSchema.safeParse(answer.body.film) : null;
  if (kept?.success) return { ok: true, film: kept.data };
  return { ok: false, message: String(answer.body.message ?? 'The server does not take this film.') };
}
