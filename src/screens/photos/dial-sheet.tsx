'use client';

import { useMemo, useRef, useState } from 'react';
import { type DialMark, type DialPoint, readDial } from '@/core/dial/dial';
import type { BodyOf, StoredRecord } from '@/core/kinds';
import { KPA_PER } from '@/core/running/pressure';
import { runAt } from '@/core/running/run-at';
import { figureOf } from '@/core/units/figure';
import { Keys } from '@/ui/parts/choice-keys';
import { Modal } from '@/ui/parts/modal';
import { arrowOf, TapPicture } from '@/ui/parts/tap-picture';
import { useInspection, useRecords } from '@/ui/records/inspection';
import { useWorkerAnswer } from '@/ui/use-worker-answer';
import { capital } from '@/words/capital';
import { momentText } from '@/words/dates';
import { DIAL_REFUSAL_WORDS } from '@/words/dials';
import type { DialAnswer } from '@/workers/dial.worker';
import { DialOverlay, type Touched } from './dial-overlay';

type Point = BodyOf<'log'>['points'][number];
interface DialKind {
  readonly name: string;
  readonly field: Exclude<keyof Point, 's'>;
  readonly unit: string;
  /** In the log's unit. */
  readonly of: (shown: number) => number;
  readonly digits: number;
}
const same = (v: number) => v;
const DIALS = {
  'temp-c': { name: 'Temperature, °C', field: 'tempC', unit: '°C', of: same, digits: 0 },
  'temp-f': { name: 'Temperature, °F', field: 'tempC', unit: '°F', of: (v) => ((v - 32) * 5) / 9, digits: 0 },
  'oil-psi': { name: 'Oil, psi', field: 'oilKpa', unit: 'psi', of: (v) => v * KPA_PER.psi, digits: 0 },
  'oil-bar': { name: 'Oil, bar', field: 'oilKpa', unit: 'bar', of: (v) => v * KPA_PER.bar, digits: 1 },
  'oil-kpa': { name: 'Oil, kPa', field: 'oilKpa', unit: 'kPa', of: same, digits: 0 },
  volts: { name: 'Volts', field: 'volts', unit: 'V', of: same, digits: 1 },
  amps: { name: 'Amps', field: 'amps', unit: 'A', of: same, digits: 0 },
  rpm: { name: 'Speed, 1/min', field: 'rpm', unit: '1/min', of: same, digits: 0 },
  fuel: { name: 'Fuel, share', field: 'fuel', unit: 'of full', of: same, digits: 2 },
} as const satisfies Record<string, DialKind>;
type DialName = keyof typeof DIALS;

const make = () => new Worker(new URL('../../workers/dial.worker.ts', import.meta.url), { type: 'module' });
const NUDGE = 0.003;
const NO_MARK: Touched = { at: null, value: '' };

/** What is to be touched next. */
type Step = 'pivot' | 'tip' | number;
const MARKS = ['lowest mark', 'mark in the middle', 'highest mark'] as const;
const stepName = (s: Step): string =>
  s === 'pivot' ? 'middle of the needle' : s === 'tip' ? 'tip of the needle' : (MARKS[s] ?? `mark ${s + 1}`);

/**
 * Reads a gauge off pictures of the dash: the middle and two marks or more are touched once, the needle is looked for, the
 * moment of the picture puts the figure into the log of the run. On the next picture the scale is moved along by its middle.
 */
export function DialSheet({ photos, onClose }: { photos: readonly StoredRecord<'photo'>[]; onClose: () => void }) {
  const { store } = useInspection();
  const list = useMemo(
    () => [...photos].sort((a, b) => (a.body.takenAt ?? '').localeCompare(b.body.takenAt ?? '')),
    [photos],
  );
  const [index, setIndex] = useState(0);
  const photo = list[index]!;
  const address = `/api/v1/photos/${photo.body.sha256}/2048`;
  const [dial, setDial] = useState<DialName>('temp-c');
  const [pivot, setPivot] = useState<DialPoint | null>(null);
  const [marks, setMarks] = useState<readonly Touched[]>([NO_MARK, NO_MARK, NO_MARK]);
  const [byHand, setByHand] = useState<DialPoint | null>(null);
  const [step, setStep] = useState<Step>('pivot');
  const [minutes, setMinutes] = useState('');
  const [problem, setProblem] = useState('');
  const [kept, setKept] = useState<readonly string[]>([]);
  const starts = useRecords('start');
  const logs = useRecords('log');
  const picture = useRef<HTMLImageElement>(null);
  const whole = marks.flatMap((m): DialMark[] => {
    const value = figureOf(m.value);
    return m.at && typeof value === 'number' ? [{ at: m.at, value }] : [];
  });
  const far = marks.flatMap((m) => (m.at && pivot ? [Math.hypot(m.at[0] - pivot[0], m.at[1] - pivot[1])] : []));
  const radius = far.length >= 2 ? Math.round(far.reduce((a, b) => a + b, 0) / far.length) : null;
  const question = useMemo(
    () => (pivot && radius ? { picture: address, pivot, radius } : null),
    [address, pivot, radius],
  );
  const [answer] = useWorkerAnswer<NonNullable<typeof question>, DialAnswer>(make, question);
  const tip = byHand ?? (answer?.ok ? answer.tip : null);
  const { of, unit, digits, field } = DIALS[dial] as DialKind;
  const reading = pivot && tip ? readDial(pivot, whole, tip) : null;
  const shown = reading?.ok ? reading : null;
  const takenAt = photo.body.takenAt;
  const put = (s: Step, at: DialPoint) => {
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
  const onward = (s: Step): Step => {
    const from = s === 'pivot' ? 0 : s === 'tip' ? marks.length : s + 1;
    const next = marks.findIndex((m, i) => i >= from && m.at === null);
    return next < 0 ? 'tip' : next;
  };
  const nudge = (s: Step, e: React.KeyboardEvent) => {
    const arrow = arrowOf(e);
    const image = picture.current;
    if (!arrow || !image) return;
    e.preventDefault();
    setStep(s);
    const middle: DialPoint = [image.naturalWidth / 2, image.naturalHeight / 2];
    const old = (s === 'pivot' ? pivot : s === 'tip' ? tip : marks[s]!.at) ?? pivot ?? middle;
    const by = image.naturalWidth * NUDGE;
    put(s, [old[0] + by * arrow[0], old[1] + by * arrow[1]]);
  };
  const go = (to: number) => {
    setIndex(to);
    setByHand(null);
    setStep('pivot');
    setMinutes('');
    setProblem('');
  };
  const keep = () => {
    if (!shown) return;
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
  return (
    <Modal title="Gauge off the picture" onClose={onClose} wide="desk">
      <div className="grid gap-3 lg:grid-cols-[1fr_320px]">
        <div className="grid content-start gap-2">
          <p className="text-sm">
            Picture {index + 1} of {list.length}
            {takenAt ? `, ${momentText(takenAt)}` : ', without its moment'}. Touch the <strong>{stepName(step)}</strong>
            {step === 'pivot' && index > 0 && pivot ? ': the scale comes along' : ''}.
          </p>
          <TapPicture
            src={address}
            alt={photo.body.caption || photo.body.name}
            imageRef={picture}
            onTap={(x, y) => {
              put(step, [x, y]);
              setStep(onward(step));
            }}
          >
            {({ width }) => <DialOverlay width={width} pivot={pivot} marks={marks} tip={tip} radius={radius} />}
          </TapPicture>
          <div className="flex flex-wrap gap-2">
            {(['pivot', ...marks.map((_, i) => i), 'tip'] as Step[]).map((s) => (
              <button
                key={s}
                type="button"
                className="btn btn-small min-h-11"
                aria-pressed={s === step}
                onClick={() => setStep(s)}
                onKeyDown={(e) => nudge(s, e)}
              >
                {(s === 'pivot' ? pivot : s === 'tip' ? tip : marks[s]!.at) ? 'Move the ' : 'The '}
                {stepName(s)}
              </button>
            ))}
          </div>
        </div>
        <div className="grid content-start gap-3">
          <label className="grid gap-1 text-sm font-semibold">
            Gauge
            <select className="field" value={dial} onChange={(e) => setDial(e.target.value as DialName)}>
              {Object.entries(DIALS).map(([id, { name }]) => (
                <option key={id} value={id}>
                  {name}
                </option>
              ))}
            </select>
          </label>
          <div className="grid grid-cols-3 items-end gap-2">
            {marks.map((m, i) => (
              <label key={i} className="grid gap-1 text-sm font-semibold">
                {capital(stepName(i))} says
                <input
                  className="field figure"
                  inputMode="decimal"
                  value={m.value}
                  onChange={(e) =>
                    setMarks((all) => all.map((x, k) => (k === i ? { ...x, value: e.target.value } : x)))
                  }
                />
              </label>
            ))}
          </div>
          <button type="button" className="btn btn-small" onClick={() => setMarks((all) => [...all, NO_MARK])}>
            One more mark
          </button>
          {!takenAt && (
            <label className="grid gap-1 text-sm font-semibold">
              Minutes after the first turn
              <input
                className="field figure"
                inputMode="decimal"
                value={minutes}
                onChange={(e) => setMinutes(e.target.value)}
              />
            </label>
          )}
          <div role="status" className="min-h-16">
            {question && !answer && <p className="text-sm text-soft">Looking for the needle …</p>}
            {answer?.ok === false && <p className="text-sm">The picture could not be read. Touch the tip yourself.</p>}
            {answer?.ok && answer.tip === null && !byHand && (
              <p className="border-l-4 border-pin pl-2 text-sm">No needle stands out: touch its tip.</p>
            )}
            {reading && !reading.ok && whole.length > 0 && (
              <p className="border-l-4 border-pin pl-2 text-sm">{DIAL_REFUSAL_WORDS[reading.reason]}</p>
            )}
            {shown && (
              <p>
                <span className="figure text-2xl font-semibold">
                  {shown.value.toFixed(digits)} {unit}
                </span>{' '}
                <span className="text-sm text-soft">
                  ({shown.low.toFixed(digits)} to {shown.high.toFixed(digits)})
                </span>
              </p>
            )}
          </div>
          <Keys
            legend="Pictures"
            choices={list.map((p, i) => [String(i), `${i + 1}${kept.includes(p.id) ? ' ✓' : ''}`] as const)}
            held={String(index)}
            onSay={(i) => go(Number(i))}
          />
          {problem && <p role="alert">{problem}</p>}
          <button type="button" className="btn btn-main min-h-14" disabled={!shown} onClick={keep}>
            {index + 1 < list.length ? 'Keep, next picture' : 'Keep'}
          </button>
          <p className="text-xs text-soft">
            A needle read off a picture is no better than its gauge. The clock is the camera’s.
          </p>
        </div>
      </div>
    </Modal>
  );
}
