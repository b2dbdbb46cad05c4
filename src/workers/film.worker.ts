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
/** Weighing the frames is so much of the work of making stills. */
const WEIGHING_SHARE = 0.8;

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

async function stills(film: Blob, moments: Extract<FilmAsked, { op: 'stills' }>['moments']): Promise<FilmTold> {
  const opened = await trackOf(film);
  if (!opened) return { told: 'unreadable' };
  const { track, lengthS } = opened;
  const around = moments.map(({ key, atS }) => ({ key, times: momentsAround(atS, lengthS) }));
  const times = [...new Set(around.flatMap((m) => m.times))].sort((a, b) => a - b);
  const weighed = new Map<number, { sharp: number; hash: bigint | null }>();
  for await (const { atS, canvas } of frames(track, times, Math.min(WEIGHED_PX, track.displayWidth))) {
    const grey = greyOf(canvas.getContext('2d')!.getImageData(0, 0, canvas.width, canvas.height));
    weighed.set(atS, { sharp: sharpness(grey), hash: differenceHash(grey) });
    tell({ told: 'progress', share: (WEIGHING_SHARE * weighed.size) / times.length });
  }
  const best = around.flatMap(({ key, times: own }) => {
    const seen = own.filter((t) => weighed.has(t));
    const atS = seen.reduce((a, b) => (weighed.get(b)!.sharp > weighed.get(a)!.sharp ? b : a), seen[0] ?? Number.NaN);
    return Number.isNaN(atS) ? [] : [{ key, atS }];
  });
  const made = new Map<number, Blob>();
  const wanted = [...new Set(best.map((b) => b.atS))].sort((a, b) => a - b);
  for await (const { atS, canvas } of frames(track, wanted)) {
    made.set(atS, await jpegOf(canvas));
    tell({ told: 'progress', share: WEIGHING_SHARE + ((1 - WEIGHING_SHARE) * made.size) / wanted.length });
  }
  const out: Still[] = [];
  for (const { key, atS } of best) {
    const jpeg = made.get(atS);
    if (!jpeg) continue;
    const own = weighed.get(atS)!.hash;
    const same = out.find((s) => {
      const other = s.sameAs === null ? weighed.get(s.atS)!.hash : null;
      return own !== null && other !== null && bitsApart(own, other) <= SAME_WITHIN_BITS;
    });
    out.push({ key, atS, jpeg, sameAs: same?.key ?? null });
  }
  return { told: 'stills', stills: out };
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
