import { createHash } from 'node:crypto';

/** SHA-256 (FIPS 180-4) of bytes, in hexadecimal: the name under which a picture is kept. */
export const sha256Of = (bytes: Uint8Array): string => createHash('sha256').update(bytes).digest('hex');
