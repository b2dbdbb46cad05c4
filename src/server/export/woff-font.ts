import { inflateSync } from 'node:zlib';

const TABLE_BYTES = 16;
const WOFF_TABLE_BYTES = 20;
const pad4 = (n: number) => (n + 3) & ~3;

/**
 * A TrueType/OpenType file from a WOFF 1.0 one (W3C WOFF File Format 1.0, sections 3 to 5): the same tables, inflated.
 * The PDF writer embeds TrueType only. Throws when the bytes are no WOFF.
 */
export function ttfOfWoff(woff: Buffer): Buffer {
  if (woff.length < 44 || woff.toString('latin1', 0, 4) !== 'wOFF') throw new Error('not a WOFF font');
  const tables = woff.readUInt16BE(12);
  const entries = Array.from({ length: tables }, (_, i) => {
    const at = 44 + i * WOFF_TABLE_BYTES;
    const offset = woff.readUInt32BE(at + 4);
    const packed = woff.readUInt32BE(at + 8);
    const length = woff.readUInt32BE(at + 12);
    const bytes = woff.subarray(offset, offset + packed);
    return {
      head: woff.subarray(at, at + 4),
      checksum: woff.readUInt32BE(at + 16),
      bytes: packed < length ? inflateSync(bytes) : bytes,
    };
  });
  const start = 12 + tables * TABLE_BYTES;
  const out = Buffer.alloc(entries.reduce((n, e) => n + pad4(e.bytes.length), start));
  const power = Math.floor(Math.log2(tables));
  out.writeUInt32BE(woff.readUInt32BE(4), 0);
  out.writeUInt16BE(tables, 4);
  out.writeUInt16BE(2 ** power * 16, 6);
  out.writeUInt16BE(power, 8);
  out.writeUInt16BE((tables - 2 ** power) * 16, 10);
  let offset = start;
  entries.forEach(({ head, checksum, bytes }, i) => {
    const at = 12 + i * TABLE_BYTES;
    head.copy(out, at);
    out.writeUInt32BE(checksum, at + 4);
    out.writeUInt32BE(offset, at + 8);
    out.writeUInt32BE(bytes.length, at + 12);
    bytes.copy(out, offset);
    offset += pad4(bytes.length);
  });
  return out;
}
