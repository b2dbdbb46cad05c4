import { useEffect, useMemo, useRef, useState } from 'react';
import { keptShare } from '@/core/image/kept-share';
import type { Patch } from '@/core/image/pixels';
import type { StoredRecord } from '@/core/kinds';
import { useInspection } from '@/ui/records/inspection';
import { useWorkerAnswer } from '@/ui/use-worker-answer';
import type { ShareAnswer } from '@/workers/share.worker';
import type { Cover } from './share-brush';

type Point = readonly [number, number];
/** What is measured on a picture: the rusted share of a panel, or the pitted share of a plated piece. */
export type Shared = 'rust' | 'plating';

const make = () => new Worker(new URL('../../workers/share.worker.ts', import.meta.url), { type: 'module' });
const addressOf = (p: StoredRecord<'photo'>) => `/api/v1/photos/${p.body.sha256}/2048`;

const patchOf = ([ax, ay]: Point, [bx, by]: Point): Patch => ({
  x: Math.round(Math.min(ax, bx)),
  y: Math.round(Math.min(ay, by)),
  width: Math.round(Math.abs(ax - bx)),
  height: Math.round(Math.abs(ay - by)),
});

/** The part between two corners, what a worker read on it, and the same put right by hand. */
export function useShare(what: Shared, photo: StoredRecord<'photo'>, second: StoredRecord<'photo'> | undefined) {
  const { store } = useInspection();
  const [corners, setCorners] = useState<readonly Point[]>([]);
  const [scale, setScale] = useState('');
  const picture = useRef<HTMLImageElement>(null);
  const own = addressOf(photo);
  const other = second ? addressOf(second) : null;
  const [a, b] = corners;
  const stretch = useMemo(() => (a && b ? patchOf(a, b) : null), [a, b]);
  const question = useMemo(
    () => (stretch ? { what, picture: own, second: other, stretch } : null),
    [stretch, what, own, other],
  );
  const [answer] = useWorkerAnswer<NonNullable<typeof question>, ShareAnswer>(make, question);
  const [cover, setCover] = useState<Cover | null>(null);
  const [corrected, setCorrected] = useState(false);
  const asRead = answer?.ok ? answer : null;
  useEffect(() => {
    setCover(asRead);
    setCorrected(false);
  }, [asRead]);
  const kept = useMemo(() => (cover ? keptShare(cover.cover, cover.width, cover.height) : null), [cover]);
  const wideMm = Number(scale.replace(',', '.'));
  const pxPerMm = wideMm > 0 && stretch ? stretch.width / wideMm : null;
  /** The part's size, dm²; null while nobody said how wide it is. */
  const dm2 = stretch && pxPerMm ? (stretch.width * stretch.height) / pxPerMm ** 2 / 10_000 : null;
  return {
    picture,
    own,
    /** The first corner, while the opposite one is awaited. */
    corner: a ?? null,
    stretch,
    cover,
    corrected,
    kept,
    scale,
    setScale,
    dm2,
    reading: stretch !== null && !answer,
    refused: answer && !answer.ok ? answer.reason : null,
    tap: (x: number, y: number) => setCorners((c) => (c.length === 1 ? [c[0]!, [x, y]] : [[x, y]])),
    anew: () => setCorners([]),
    whole: () => {
      const i = picture.current;
      if (i?.naturalWidth)
        setCorners([
          [0, 0],
          [i.naturalWidth, i.naturalHeight],
        ]);
    },
    brush: (next: Cover['cover']) => {
      if (cover) setCover({ ...cover, cover: next });
      setCorrected(true);
    },
    asRead: () => {
      setCover(asRead);
      setCorrected(false);
    },
    /** Takes it into the records; says what is wrong, or nothing. */
    put: (zone: string, where: string): string => {
      if (!kept || !stretch) return 'Nothing is measured yet.';
      const { areaShare, mask, spots } = kept;
      const shared = { zone, photo: photo.id, stretch, mask, areaShare, corrected, where: where.trim() };
      const more =
        what === 'plating' ? { second: second?.id ?? null, pits: spots, pitsPerDm2: dm2 ? spots / dm2 : null } : {};
      const put = store.put([{ kind: what, body: { ...shared, ...more, at: new Date().toISOString() } }]);
      return put.ok ? '' : put.message;
    },
  };
}
export type Share = ReturnType<typeof useShare>;
