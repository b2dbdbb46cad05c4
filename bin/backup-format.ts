import { createHash, createPrivateKey, createPublicKey, hkdfSync, sign, verify } from 'node:crypto';
import type { Readable } from 'node:stream';
import { Transform } from 'node:stream';
import { z } from 'zod';

/**
 * A backup is a ZIP: `database.dump` (pg_dump's custom form), `photos/<sha256>` (each picture as kept), `manifest.json`,
 * which names every entry with its SHA-256, and last `manifest.sig`, its signature. Copies of pictures and finished
 * exports are made again. Where a public key is given the whole ZIP is encrypted to it.
 */
export const manifestSchema = z.object({
  format: z.literal('farvin.backup'),
  /** 2: signed; pictures that are not what their names say are named and left out. */
  version: z.union([z.literal(1), z.literal(2)]),
  takenAt: z.string(),
  entries: z.record(z.string(), z.object({ sha256: z.string(), bytes: z.number() })),
  /** Pictures that the database speaks of and the store did not have. */
  missing: z.array(z.string()),
  /** Pictures whose bytes in the store are not what their names say: they rotted, or were swapped. */
  rotten: z.array(z.string()).default([]),
});
export type Manifest = z.infer<typeof manifestSchema>;

export const signatureSchema = z.object({ publicKey: z.string(), signature: z.string() });
export type BackupSignature = z.infer<typeof signatureSchema>;

/** Ed25519 keys as Node takes them: a fixed head (RFC 8410) and the 32 bytes. */
const SECRET_HEAD = Buffer.from('302e020100300506032b657004220420', 'hex');
const PUBLIC_HEAD = Buffer.from('302a300506032b6570032100', 'hex');

/** The key with which backups of an installation are signed, drawn from FARVIN_SECRET; null where that is not set. */
function signingKey() {
  const secret = process.env.FARVIN_SECRET ?? '';
  if (secret.length < 32) return null;
  const seed = Buffer.from(hkdfSync('sha256', secret, 'farvin', 'backup signature', 32));
  return createPrivateKey({ key: Buffer.concat([SECRET_HEAD, seed]), format: 'der', type: 'pkcs8' });
}

const rawPublic = (key: ReturnType<typeof createPublicKey>) =>
  key.export({ format: 'der', type: 'spki' }).subarray(PUBLIC_HEAD.length).toString('hex');

export function signManifest(text: string): BackupSignature | null {
  const key = signingKey();
  return (
    key && { publicKey: rawPublic(createPublicKey(key)), signature: sign(null, Buffer.from(text), key).toString('hex') }
  );
}

/** Whether a manifest was signed by this installation, by another one, or is not as it was signed. */
export function signatureStanding(text: string, { publicKey, signature }: BackupSignature): 'ours' | 'other' | 'bad' {
  const der = Buffer.concat([PUBLIC_HEAD, Buffer.from(publicKey, 'hex')]);
  const good = (() => {
    try {
      const key = createPublicKey({ key: der, format: 'der', type: 'spki' });
      return verify(null, Buffer.from(text), key, Buffer.from(signature, 'hex'));
    } catch {
      return false;
    }
  })();
  if (!good) return 'bad';
  const own = signingKey();
  return own && rawPublic(createPublicKey(own)) === publicKey ? 'ours' : 'other';
}

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
