import { createReadStream, createWriteStream } from 'node:fs';
import { readFile } from 'node:fs/promises';
import { Readable } from 'node:stream';
import { pipeline } from 'node:stream/promises';
import type { ReadableStream as WebStream } from 'node:stream/web';
import { Decrypter, Encrypter } from 'age-encryption';

const web = (file: string) =>
  Readable.toWeb(createReadStream(file)) as unknown as globalThis.ReadableStream<Uint8Array>;
const node = (stream: unknown) => Readable.fromWeb(stream as WebStream);
const MAGIC = 'age-encryption.org/v1';

/** Encrypts a file to a public key (X25519, ChaCha20-Poly1305; the open age format). Only its secret half opens it. */
export async function encryptTo(publicKey: string, file: string, out: string): Promise<void> {
  const encrypter = new Encrypter();
  encrypter.addRecipient(publicKey);
  await pipeline(node(await encrypter.encrypt(web(file))), createWriteStream(out, { mode: 0o600 }));
}

export async function isEncrypted(file: string): Promise<boolean> {
  const stream = createReadStream(file, { end: MAGIC.length - 1, encoding: 'utf8' });
  let head = '';
  for await (const piece of stream) head += piece;
  return head === MAGIC;
}

/** Decrypts a file with the secret key that a file holds. */
export async function decryptWith(keyFile: string, file: string, out: string): Promise<void> {
  const key = (await readFile(keyFile, 'utf8')).split('\n').find((l) => l.startsWith('AGE-SECRET-KEY-'));
  if (!key) throw new Error(`${keyFile} holds no secret key (a line that begins with AGE-SECRET-KEY-)`);
  const decrypter = new Decrypter();
  decrypter.addIdentity(key.trim());
  const stream = await decrypter.decrypt(web(file)).catch(() => {
    throw new Error('this key does not open the backup');
  });
  await pipeline(node(stream), createWriteStream(out, { mode: 0o600 })).catch(() => {
    throw new Error('the encrypted backup is damaged');
  });
}
