import { createCipheriv, createDecipheriv, hkdfSync, randomBytes } from 'node:crypto';

const PLAIN = 'plain:';

/** The key under which signing keys lie encrypted: drawn (RFC 5869) from FARVIN_KEY_SECRET, else from FARVIN_SECRET. */
function boxKey(): Buffer {
  const secret = process.env.FARVIN_KEY_SECRET || process.env.FARVIN_SECRET || '';
  if (secret.length < 32) throw new Error('FARVIN_SECRET (or FARVIN_KEY_SECRET) of 32 or more characters is not set');
  return Buffer.from(hkdfSync('sha256', secret, 'farvin', 'signing keys', 32));
}

/** Encrypts a secret key for keeping (AES-256-GCM, NIST SP 800-38D), bound to the id it is kept under. */
export function boxed(secretHex: string, keyId: string): string {
  const nonce = randomBytes(12);
  const cipher = createCipheriv('aes-256-gcm', boxKey(), nonce).setAAD(Buffer.from(keyId));
  const body = Buffer.concat([cipher.update(Buffer.from(secretHex, 'hex')), cipher.final()]);
  return `v1:${Buffer.concat([nonce, body, cipher.getAuthTag()]).toString('base64url')}`;
}

/** The secret key out of its box; throws when the box was changed, moved to another id, or made under another secret. */
export function unboxed(box: string, keyId: string): string {
  if (box.startsWith(PLAIN)) return box.slice(PLAIN.length);
  const bytes = Buffer.from(box.replace(/^v1:/, ''), 'base64url');
  const decipher = createDecipheriv('aes-256-gcm', boxKey(), bytes.subarray(0, 12)).setAAD(Buffer.from(keyId));
  decipher.setAuthTag(bytes.subarray(-16));
  return Buffer.concat([decipher.update(bytes.subarray(12, -16)), decipher.final()]).toString('hex');
}

/** Whether a key is kept as an earlier program kept it, for all to read who can read the database. */
export const isPlain = (box: string) => box.startsWith(PLAIN);
