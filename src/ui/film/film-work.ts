import type { FilmAsked, FilmTold } from '@/workers/film.worker';

const make = () => new Worker(new URL('../../workers/film.worker.ts', import.meta.url), { type: 'module' });

export interface Watched {
  /** Told the share done, 0 to 1. */
  readonly progress?: (share: number) => void;
  readonly signal?: AbortSignal;
}

/** Work on a film that was stopped by whoever asked for it. */
export class Stopped extends Error {}

/**
 * Asks a worker of its own about a film and lets it go with the answer; stopped at once by the signal. The answer is
 * `unreadable` where this browser cannot take the film apart.
 */
export function askFilm<T extends FilmTold['told']>(
  asked: FilmAsked,
  told: T,
  { progress, signal }: Watched = {},
): Promise<Extract<FilmTold, { told: T | 'unreadable' }>> {
  return new Promise((resolve, reject) => {
    const worker = make();
    const end = () => {
      worker.terminate();
      signal?.removeEventListener('abort', stop);
    };
    const stop = () => {
      end();
      reject(new Stopped());
    };
    if (signal?.aborted) return stop();
    signal?.addEventListener('abort', stop);
    worker.onerror = () => {
      end();
      resolve({ told: 'unreadable' } as Extract<FilmTold, { told: T | 'unreadable' }>);
    };
    worker.onmessage = ({ data }: MessageEvent<FilmTold>) => {
      if (data.told === 'progress') return progress?.(data.share);
      end();
      if (data.told === told || data.told === 'unreadable')
        resolve(data as Extract<FilmTold, { told: T | 'unreadable' }>);
    };
    worker.postMessage(asked);
  });
}
