import { type KeyboardEvent, type RefObject, useMemo, useRef, useState } from 'react';
import { type DialMark, type DialPoint, readDial } from '@/core/dial/dial';
import type { StoredRecord } from '@/core/kinds';
import { runAt } from '@/core/running/run-at';
import { figureOf } from '@/core/units/figure';
import { arrowOf } from '@/ui/parts/tap-picture';
import { useInspection, useRecords } from '@/ui/records/inspection';
import { useWorkerAnswer } from '@/ui/use-worker-answer';
import type { DialAnswer } from '@/workers/dial.worker';
import type { Touched } from './dial-overlay';
import { DIALS, type DialKind, type DialName } from './dials';

const make = () => new Worker(new URL('../../workers/dial.worker.ts', import.meta.url), { type: 'module' });
/** How far an arrow key moves what was touched, as a share of the picture's width. */
const NUDGE = 0.003;
const NO_MARK: Touched = { at: null, value: '' };

/** What is to be touched next: the middle, the tip, or a mark of the scale by its place in the list. */
export type DialStep = 'pivot' | 'tip' | number;

/** The scale of a gauge on a picture: its middle and marks as they were touched, and the needle that is found on it. */
function useScale(address: string, picture: RefObject<HTMLImageElement | null>) {
  const [pivot, setPivot] = useState<DialPoint | null>(null);
  const [marks, setMarks] = useState<readonly Touched[]>([NO_MARK, NO_MARK, NO_MARK]);
  const [byHand, setByHand] = useState<DialPoint | null>(null);
  const [step, setStep] = useState<DialStep>('pivot');
  const far = marks.flatMap((m) => (m.at && pivot ? [Math.hypot(m.at[0] - pivot[0], m.at[1] - pivot[1])] : []));
  const radius = far.length >= 2 ? Math.round(far.reduce((a, b) => a + b, 0) / far.length) : null;
  const question = useMemo(
    () => (pivot && radius ? { picture: address, pivot, radius } : null),
    [address, pivot, radius],
  );
  const [answer] = useWorkerAnswer<NonNullable<typeof question>, DialAnswer>(make, question);
  const tip = byHand ?? (answer?.ok ? answer.tip : null);
  const placeOf = (s: DialStep) => (s === 'pivot' ? pivot : s === 'tip' ? tip : marks[s]!.at);
  const put = (s: DialStep, at: DialPoint) => {
    if (s === 'pivot') {
      // The scale goes along with its middle: the next picture was taken from nearly the same place.
      if (pivot) {
        const [dx, dy] = [at[0] - pivot[0], at[1] - pivot[1]];
        setMarks((all) => all.map((m) => (m.at ? { ...m, at: [m.at[0] + dx, m.at[1] + dy] } : m)));
      }
      setPivot(at);
      setByHand(null);
    } else if (s === 'tip') setByHand(at);
    else setMarks((all) => all.map((m, i) => (i === s ? { ...m, at } : m)));
  };
  // Once round at first; afterwards what is touched next is the needle.
  const onward = (s: DialStep): DialStep => {
    const from = s === 'pivot' ? 0 : s === 'tip' ? marks.length : s + 1;
    const next = marks.findIndex((m, i) => i >= from && m.at === null);
    return next < 0 ? 'tip' : next;
  };
  return {
    pivot,
    marks,
    radius,
    tip,
    step,
    setStep,
    placeOf,
    /** Marks that were touched and whose figure was said. */
    whole: marks.flatMap((m): DialMark[] => {
      const value = figureOf(m.value);
      return m.at && typeof value === 'number' ? [{ at: m.at, value }] : [];
    }),
    looking: question !== null && !answer,
    unreadable: answer?.ok === false,
    noNeedle: answer?.ok === true && answer.tip === null && !byHand,
    tap: (x: number, y: number) => {
      put(step, [x, y]);
      setStep(onward(step));
    },
    /** Arrow keys on the button of what was touched move it. */
    nudge: (s: DialStep, e: KeyboardEvent) => {
      const arrow = arrowOf(e);
      const image = picture.current;
      if (!arrow || !image) return;
      e.preventDefault();
      setStep(s);
      const middle: DialPoint = [image.naturalWidth / 2, image.naturalHeight / 2];
      const old = placeOf(s) ?? pivot ?? middle;
      const by = image.naturalWidth * NUDGE;
      put(s, [old[0] + by * arrow[0], old[1] + by * arrow[1]]);
    },
    say: (mark: number, value: string) => setMarks((all) => all.map((m, i) => (i === mark ? { ...m, value } : m))),
    oneMore: () => setMarks((all) => [...all, NO_MARK]),
    /** On the next picture: the scale stays, the needle is looked for anew. */
    next: () => {
      setByHand(null);
      setStep('pivot');
    },
  };
}

/** A gauge read off pictures of the dash, one after the other, into the log of the run. */
export function useDial(photos: readonly StoredRecord<'photo'>[]) {
  const { store } = useInspection();
  const list = useMemo(
    () => [...photos].sort((a, b) => (a.body.takenAt ?? '').localeCompare(b.body.takenAt ?? '')),
    [photos],
  );
  const [index, setIndex] = useState(0);
  const photo = list[index]!;
  const { takenAt, sha256 } = photo.body;
  const address = `/api/v1/photos/${sha256}/2048`;
  const picture = useRef<HTMLImageElement>(null);
  const scale = useScale(address, picture);
  const [dial, setDial] = useState<DialName>('temp-c');
  const [minutes, setMinutes] = useState('');
  const [problem, setProblem] = useState('');
  const [kept, setKept] = useState<readonly string[]>([]);
  const starts = useRecords('start');
  const logs = useRecords('log');
  const { pivot, tip, whole } = scale;
  const reading = pivot && tip ? readDial(pivot, whole, tip) : null;
  const shown = reading?.ok ? reading : null;
  const go = (to: number) => {
    setIndex(to);
    scale.next();
    setMinutes('');
    setProblem('');
  };
  const keep = () => {
    if (!shown) return;
    const { of, field } = DIALS[dial] as DialKind;
    const after = figureOf(minutes);
    const run = takenAt ? runAt(starts, logs, takenAt) : null;
    if (after === 'bad') return setProblem(`“${minutes}” is no number of minutes.`);
    if (!takenAt && after === null)
      return setProblem('This picture does not say when it was taken: say how long after the first turn.');
    const startedAt = run ?? starts.flatMap((s) => s.body.turnedAt ?? []).at(-1) ?? takenAt ?? new Date().toISOString();
    const s =
      after === null ? Math.round((Date.parse(takenAt!) - Date.parse(startedAt)) / 1000) : Math.round(after * 60);
    const value = of(shown.value);
    // Several gauges of one picture are one moment.
    const own = logs.find((l) => l.body.photo === photo.id);
    const point = { ...own?.body.points[0], s, [field]: field === 'fuel' ? Math.min(1, Math.max(0, value)) : value };
    const body = { startedAt, by: 'photo', photo: photo.id, points: [point], at: new Date().toISOString() };
    const done = store.put([{ kind: 'log', ...(own && { id: own.id }), body }]);
    if (!done.ok) return setProblem(done.message);
    setKept((k) => [...k, photo.id]);
    setProblem('');
    if (index + 1 < list.length) go(index + 1);
  };
  return {
    list,
    index,
    photo,
    address,
    picture,
    scale,
    dial,
    setDial,
    minutes,
    setMinutes,
    problem,
    kept,
    /** Why the gauge is not read though marks are said; null where it is, or none are yet. */
    refused: reading && !reading.ok && whole.length > 0 ? reading.reason : null,
    shown,
    go,
    keep,
  };
}
