import { createHash } from 'node:crypto';
import type { Readable } from 'node:stream';
import { Transform } from 'node:stream';
import { z } from 'zod';

/**
 * A backup is a ZIP: `database.dump` (pg_dump's custom form), `photos/<sha256>` (each picture as kept), and last
 * `manifest.json`, which names every entry with its SHA-256. Copies of pictures and finished exports are made again.
 */
export const manifestSchema = z.object({
  format: z.literal('farvin.backup'),
  version: z.literal(1),
  takenAt: z.string(),
  entries: z.record(z.string(), z.object({ sha256: z.string(), bytes: z.number() })),
  /** Pictures that the database speaks of and the store did not have. */
  missing: z.array(z.string()),
});
export type Manifest = z.infer<typeof manifestSchema>;

/** Passes bytes through and tells their hash and number at the end. */
export function hashing(): { stream: Transform; result: () => { sha256: string; bytes: number } } {
  const hash = createHash('sha256');
  let bytes = 0;
  const stream = new Transform({
    transform(piece: Buffer, _encoding, done) {
      hash.update(piece);
      bytes += piece.length;
      done(null, piece);
    },
  });
  return { stream, result: () => ({ sha256: hash.digest('hex'), bytes }) };
}

export async function hashOf(stream: Readable): Promise<{ sha256: string; bytes: number }> {
  const { stream: through, result } = hashing();
  for await (const _ of stream.pipe(through)) void _;
  return result();
}
