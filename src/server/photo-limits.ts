export const PHOTO_LIMITS = {
  /** Bytes of one file. */
  bytes: 40 * 1024 * 1024,
  /** Pixels of one picture; more is refused before it is unpacked. */
  pixels: 100_000_000,
  /** Pixels of a picture that must be held whole while it is unpacked: a progressive JPEG, a HEIC. */
  heldPixels: 50_000_000,
} as const;

export type PhotoRefusal =
  | 'not-a-picture'
  | 'damaged'
  | 'too-many-pixels'
  | 'too-large'
  | 'too-heavy'
  | 'busy'
  | 'quota';
