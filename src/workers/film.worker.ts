import { sha256 } from '@noble/hashes/sha2.js';
import { ALL_FORMATS, BlobSource, CanvasSink, Input, type InputVideoTrack } from 'mediabunny';
import { momentsAround } from '@/core/film/moments-around';
import { bitsApart, differenceHash, SAME_WITHIN_BITS } from '@/core/image/difference-hash';
import { greyOf, sharpness } from '@/core/image/sharpness';

/** What is asked of a film; it is read where it lies and never held whole. */
export type FilmAsked =
  | { readonly op: 'hash'; readonly film: Blob }
  | { readonly op: 'facts'; readonly film: Blob }
  | {
      readonly op: 'stills';
      readonly film: Blob;
      readonly moments: readonly { readonly key: string; readonly atS: number }[];
    };

export interface Still {
  readonly key: string;
  readonly atS: number;
  readonly jpeg: Blob;
  /** Another still shows the same: its key. */
  readonly sameAs: string | null;
}
export type FilmTold =
  | { readonly told: 'progress'; readonly share: number }
  | { readonly told: 'hash'; readonly sha256: string }
  | { readonly told: 'facts'; readonly lengthS: number; readonly poster: Blob | null }
  | { readonly told: 'stills'; readonly stills: readonly Still[] }
  /** This browser cannot take the film apart, or the film is damaged. */
  | { readonly told: 'unreadable' };

const HASHED_AT_ONCE = 4 * 1024 * 1024;
const WEIGHED_PX = 480;
const POSTER_PX = 1280;
const POSTER_AT = 0.1;
const QUALITY = 0.92;

const tell = (told: FilmTold) => self.postMessage(told);
const hex = (bytes: Uint8Array) => [...bytes].map((b) => b.toString(16).padStart(2, '0')).join('');

async function hash(film: Blob): Promise<FilmTold> {
  const sum = sha256.create();
  for (let at = 0; at < film.size; at += HASHED_AT_ONCE) {
    sum.update(new Uint8Array(await film.slice(at, at + HASHED_AT_ONCE).arrayBuffer()));
    tell({ told: 'progress', share: Math.min(1, (at + HASHED_AT_ONCE) / film.size) });
  }
  return { told: 'hash', sha256: hex(sum.digest()) };
}

async function trackOf(film: Blob): Promise<{ track: InputVideoTrack; lengthS: number } | null> {
  const input = new Input({ formats: ALL_FORMATS, source: new BlobSource(film) });
  const track = await input.getPrimaryVideoTrack();
  if (!track || !(await track.canDecode())) return null;
  return { track, lengthS: await track.computeDuration() };
}

/** Frames at moments in the order of time, each decoded once; moments without a frame are passed over. */
async function* frames(
  track: InputVideoTrack,
  times: readonly number[],
  width?: number,
): AsyncGenerator<{ atS: number; canvas: OffscreenCanvas }> {
  const sink = new CanvasSink(track, { poolSize: 1, ...(width !== undefined && { width }) });
  let i = 0;
  for await (const frame of sink.canvasesAtTimestamps(times)) {
    const atS = times[i++]!;
    if (frame) yield { atS, canvas: frame.canvas as OffscreenCanvas };
  }
}

const jpegOf = (canvas: OffscreenCanvas) => canvas.convertToBlob({ type: 'image/jpeg', quality: QUALITY });

async function facts(film: Blob): Promise<FilmTold> {
  const opened = await trackOf(film);
  if (!opened) return { told: 'unreadable' };
  for await (const { canvas } of frames(opened.track, [opened.lengthS * POSTER_AT], POSTER_PX))
    return { told: 'facts', lengthS: opened.lengthS, poster: await jpegOf(canvas) };
  return { told: 'facts', lengthS: opened.lengthS, poster: null };
}

interface Best {
  readonly atS: number;
  readonly sharp: number;
  readonly hash: bigint | null;
  readonly picture: ImageBitmap;
}

/** How sharp a frame is and what it shows, by a small copy of it. */
function weigh(canvas: OffscreenCanvas, small: OffscreenCanvas): { sharp: number; hash: bigint | null } {
  const drawn = small.getContext('2d', { willReadFrequently: true })!;
  drawn.drawImage(canvas, 0, 0, small.width, small.height);
  const grey = greyOf(drawn.getImageData(0, 0, small.width, small.height));
  return { sharp: sharpness(grey), hash: differenceHash(grey) };
}

async function jpegOfBitmap(picture: ImageBitmap): Promise<Blob> {
  const canvas = new OffscreenCanvas(picture.width, picture.height);
  canvas.getContext('2d')!.drawImage(picture, 0, 0);
  picture.close();
  return jpegOf(canvas);
}

/** Each frame is decoded once: of those round a moment the sharpest is held, and made a picture when the last is past. */
async function stills(film: Blob, moments: Extract<FilmAsked, { op: 'stills' }>['moments']): Promise<FilmTold> {
  const opened = await trackOf(film);
  if (!opened) return { told: 'unreadable' };
  const { track, lengthS } = opened;
  const around = moments.map(({ key, atS }) => ({ key, times: new Set(momentsAround(atS, lengthS)) }));
  const times = [...new Set(around.flatMap((m) => [...m.times]))].sort((a, b) => a - b);
  const last = new Map(around.map((m) => [m.key, Math.max(...m.times)]));
  const width = Math.min(WEIGHED_PX, track.displayWidth);
  const small = new OffscreenCanvas(width, Math.max(1, Math.round((width * track.displayHeight) / track.displayWidth)));
  const best = new Map<string, Best>();
  const out: (Omit<Still, 'sameAs'> & { hash: bigint | null })[] = [];
  let done = 0;
  const close = async (key: string) => {
    const held = best.get(key);
    best.delete(key);
    if (held) out.push({ key, atS: held.atS, hash: held.hash, jpeg: await jpegOfBitmap(held.picture) });
  };
  for await (const { atS, canvas } of frames(track, times)) {
    const weighed = weigh(canvas, small);
    for (const { key, times: own } of around) {
      if (!own.has(atS)) continue;
      const held = best.get(key);
      if (!held || weighed.sharp > held.sharp) {
        held?.picture.close();
        best.set(key, { atS, ...weighed, picture: await createImageBitmap(canvas) });
      }
      if (last.get(key) === atS) await close(key);
    }
    tell({ told: 'progress', share: ++done / times.length });
  }
  for (const key of [...best.keys()]) await close(key);
  const told: (Still & { hash: bigint | null })[] = [];
  for (const { key, atS, jpeg, hash } of out) {
    const same = told.find(
      (s) => s.sameAs === null && hash !== null && s.hash !== null && bitsApart(hash, s.hash) <= SAME_WITHIN_BITS,
    );
    told.push({ key, atS, jpeg, hash, sameAs: same?.key ?? null });
  }
  return { told: 'stills', stills: told.map(({ hash: _hash, ...still }) => still) };
}

/** Reads films off the page's thread: their hash, their length and poster, the sharpest frames round moments. */
self.onmessage = async ({ data }: MessageEvent<FilmAsked>) => {
  try {
    tell(
      data.op === 'hash'
        ? await hash(data.film)
        : data.op === 'facts'
          ? await facts(data.film)
          : await stills(data.film, data.moments),
    );
  } catch (error) {
    console.error(error);
    tell({ told: 'unreadable' });
  }
};
