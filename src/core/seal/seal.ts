import { getPublicKeyAsync, signAsync, verifyAsync } from '@noble/ed25519';
import { sha256 } from '@noble/hashes/sha2.js';
import { bytesToHex, hexToBytes, utf8ToBytes } from '@noble/hashes/utils.js';
import canonicalize from 'canonicalize';
import { z } from 'zod';

const hex = (bytes: number) => z.string().regex(new RegExp(`^[0-9a-f]{${bytes * 2}}$`));

/** The outer form of a report file; the snapshot is checked after its hash, so that a changed one is told as changed. */
export const reportFileSchema = z.object({
  format: z.literal('farvin.report'),
  version: z.number().int(),
  snapshot: z.record(z.string(), z.unknown()),
  sha256: hex(32),
  signature: hex(64),
  publicKey: hex(32),
  /** How anybody checks it with common tools: words, no part of what is sealed. */
  howToCheck: z.array(z.string()).optional(),
});
export type ReportFile = z.infer<typeof reportFileSchema>;

/** The canonical text of a value by RFC 8785: equal values give equal text. */
export function canonicalText(value: unknown): string {
  const text = canonicalize(value);
  if (text === undefined) throw new Error('a report must be a JSON value');
  return text;
}

/** SHA-256 (FIPS 180-4) of a text's UTF-8 bytes, in hexadecimal. */
export function sha256Hex(text: string): string {
  return bytesToHex(sha256(utf8ToBytes(text)));
}

/** The public key of a 32-byte Ed25519 secret, both in hexadecimal (RFC 8032). */
export async function publicKeyOf(secretKey: string): Promise<string> {
  return bytesToHex(await getPublicKeyAsync(hexToBytes(secretKey)));
}

/** Seals a report's content: hash over its canonical text, Ed25519 signature over the hash's 32 bytes. */
export async function sealContent(content: object, version: number, secretKey: string): Promise<ReportFile> {
  const plain = JSON.parse(canonicalText(content)) as Record<string, unknown>;
  const hash = sha256Hex(canonicalText(plain));
  const signature = bytesToHex(await signAsync(hexToBytes(hash), hexToBytes(secretKey)));
  return {
    format: 'farvin.report',
    version,
    snapshot: plain,
    sha256: hash,
    signature,
    publicKey: await publicKeyOf(secretKey),
  };
}

export type SealVerdict =
  | { ok: true; file: ReportFile }
  | { ok: false; reason: 'not-a-report' | 'newer-version' | 'hash-differs' | 'signature-differs' };

/** Re-computes hash and signature of a report file of up to a version. What the report says is not read. */
export async function verifySeal(input: unknown, newest: number): Promise<SealVerdict> {
  const parsed = reportFileSchema.safeParse(input);
  if (!parsed.success) return { ok: false, reason: 'not-a-report' };
  const file = parsed.data;
  if (file.version > newest) return { ok: false, reason: 'newer-version' };
  const hash = sha256Hex(canonicalText(file.snapshot));
  if (hash !== file.sha256) return { ok: false, reason: 'hash-differs' };
  const good = await verifyAsync(hexToBytes(file.signature), hexToBytes(hash), hexToBytes(file.publicKey)).catch(
    () => false,
  );
  return good ? { ok: true, file } : { ok: false, reason: 'signature-differs' };
}
