import { useRef, useState } from 'react';
import { largestOf, verdictOf } from '@/core/colour/verdicts';
import type { Patch } from '@/core/image/pixels';
import type { BodyOf, StoredRecord } from '@/core/kinds';
import { arrowOf } from '@/ui/parts/tap-picture';
import { useLot } from '@/ui/records/inspection';
import { type Places, useColour } from './use-colour';

export const STEPS = [
  ['card', 'the grey card'],
  ['a', 'the first panel'],
  ['b', 'the other panel, or the jamb'],
] as const;
export type Step = (typeof STEPS)[number][0];
/** Side of a place as a share of the picture's width. */
const SIDE = 0.07;
/** How far an arrow key moves a place, as a share of the picture's width. */
const NUDGE = 0.01;
const EMPTY: Places = { card: null, a: null, b: null };

type Angle = BodyOf<'colour'>['angles'][number];

/** Stands for the jamb of A where another panel could stand. */
export const JAMB = 'jamb';

/** The place around a point of a picture, kept inside it. */
function placeAround(image: HTMLImageElement, x: number, y: number): Patch {
  const side = image.naturalWidth * SIDE;
  const inside = (v: number, size: number) => Math.min(Math.max(0, v - side / 2), size - side);
  return { x: inside(x, image.naturalWidth), y: inside(y, image.naturalHeight), width: side, height: side };
}

/** The places of one picture: the card, A and B, put one after the other, by touch or by arrow keys. */
function usePlaces() {
  const [places, setPlaces] = useState<Places>(EMPTY);
  const [step, setStep] = useState<Step>('card');
  const picture = useRef<HTMLImageElement>(null);
  const put = (s: Step, x: number, y: number) => {
    const image = picture.current;
    if (image?.naturalWidth) setPlaces({ ...places, [s]: placeAround(image, x, y) });
  };
  const tap = (x: number, y: number) => {
    put(step, x, y);
    const next = STEPS[STEPS.findIndex(([s]) => s === step) + 1];
    if (next) setStep(next[0]);
  };
  /** Arrow keys on a place's button move it; the first one puts it in the middle. */
  const nudge = (s: Step, e: React.KeyboardEvent) => {
    const arrow = arrowOf(e);
    const image = picture.current;
    if (!arrow || !image) return;
    e.preventDefault();
    setStep(s);
    const old = places[s];
    const by = image.naturalWidth * NUDGE;
    if (old) put(s, old.x + old.width / 2 + by * arrow[0], old.y + old.height / 2 + by * arrow[1]);
    else put(s, image.naturalWidth / 2, image.naturalHeight / 2);
  };
  const clear = () => {
    setPlaces(EMPTY);
    setStep('card');
  };
  return { places, step, setStep, picture, tap, nudge, clear };
}

/** A comparison of colour over one to three pictures: places of the picture in hand, what is compared, and the record of it. */
export function useColourSheet(photos: readonly StoredRecord<'photo'>[], onDone: () => void) {
  const { store } = useLot();
  const [at, setAt] = useState(0);
  const [angles, setAngles] = useState<readonly Angle[]>([]);
  const { places, clear, ...placing } = usePlaces();
  const [zone, setZone] = useState(photos[0]!.body.zone ?? '');
  /** What B is: a panel, the jamb, or not said yet. */
  const [against, setAgainst] = useState<string>('');
  const [problem, setProblem] = useState('');
  const photo = photos[at]!;
  const address = `/api/v1/photos/${photo.body.sha256}/2048`;
  const found = useColour(address, places);
  const good = found !== null && found !== 'away' && found.ok ? found : null;
  const keep = () => {
    const { card, a, b } = places;
    if (!good || !card || !a || !b) return;
    const { value, low, high } = good.deltaE;
    const all = [...angles, { photo: photo.id, card, a, b, deltaE: { value: value!, low: low!, high: high! } }];
    if (at + 1 < photos.length) {
      setAngles(all);
      setAt(at + 1);
      clear();
      return;
    }
    const { deltaE } = largestOf(all)!;
    const verdict = verdictOf(deltaE.value);
    const of = { zone, against: against === JAMB ? null : against };
    const put = store.put([
      { kind: 'colour', body: { ...of, angles: all, deltaE, verdict, at: new Date().toISOString() } },
    ]);
    if (put.ok) onDone();
    else setProblem(put.message);
  };
  const ready = good !== null && zone !== '' && against !== '';
  return {
    at,
    photo,
    address,
    places,
    ...placing,
    zone,
    setZone,
    against,
    setAgainst,
    found,
    ready,
    keep,
    problem,
  };
}
