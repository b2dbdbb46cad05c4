import { getPublicKeyAsync, signAsync, verifyAsync } from '@noble/ed25519';
import { sha256 } from '@noble/hashes/sha2.js';
import { bytesToHex, hexToBytes, utf8ToBytes } from '@noble/hashes/utils.js';
import canonicalize from 'canonicalize';
import { z } from 'zod';
import { readSnapshot } from '@/report/read-snapshot';
import { REPORT_VERSION, type Snapshot } from '@/report/snapshot';

const hex = (bytes: number) => z.string().regex(new RegExp(`^[0-9a-f]{${bytes * 2}}$`));

/** The outer form of a report file; the snapshot is checked after its hash, so that a changed one is told as changed. */
export const reportFileSchema = z.object({
  format: z.literal('farvin.report'),
  version: z.number().int(),
  snapshot: z.record(z.string(), z.unknown()),
  sha256: hex(32),
  signature: hex(64),
  publicKey: hex(32),
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

/** Seals a snapshot: hash over its canonical text, Ed25519 signature over the hash's 32 bytes. */
export async function sealSnapshot(snapshot: Snapshot, secretKey: string): Promise<ReportFile> {
  const plain = JSON.parse(canonicalText(snapshot)) as Record<string, unknown>;
  const hash = sha256Hex(canonicalText(plain));
  const signature = bytesToHex(await signAsync(hexToBytes(hash), hexToBytes(secretKey)));
  return {
    format: 'farvin.report',
    version: REPORT_VERSION,
    snapshot: plain,
    sha256: hash,
    signature,
    publicKey: await publicKeyOf(secretKey),
  };
}

export type Verdict =
  | { ok: true; snapshot: Snapshot; unreadable: readonly string[]; sha256: string; publicKey: string }
  | { ok: false; reason: 'not-a-report' | 'newer-version' | 'hash-differs' | 'signature-differs' };

/** Re-computes hash and signature of a report file. Anyone can do this with the file alone. */
export async function verifyReport(input: unknown): Promise<Verdict> {
  const file = reportFileSchema.safeParse(input);
  if (!file.success) return { ok: false, reason: 'not-a-report' };
  if (file.data.version > REPORT_VERSION) return { ok: false, reason: 'newer-version' };
  const hash = sha256Hex(canonicalText(file.data.snapshot));
  if (hash !== file.data.sha256) return { ok: false, reason: 'hash-differs' };
  const good = await verifyAsync(
    hexToBytes(file.data.signature),
    hexToBytes(hash),
    hexToBytes(file.data.publicKey),
  ).catch(() => false);
  if (!good) return { ok: false, reason: 'signature-differs' };
  const opened = readSnapshot(file.data.snapshot);
  return opened
    ? { ok: true, ...opened, sha256: hash, publicKey: file.data.publicKey }
    : { ok: false, reason: 'not-a-report' };
}
