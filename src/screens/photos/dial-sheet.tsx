'use client';

import type { StoredRecord } from '@/core/kinds';
import { Keys } from '@/ui/parts/choice-keys';
import { Modal } from '@/ui/parts/modal';
import { TapPicture } from '@/ui/parts/tap-picture';
import { capital } from '@/words/capital';
import { momentText } from '@/words/dates';
import { DIAL_REFUSAL_WORDS } from '@/words/dials';
import { DialOverlay } from './dial-overlay';
import { DIALS, type DialName } from './dials';
import { type DialStep, useDial } from './use-dial';

type Dial = ReturnType<typeof useDial>;

const MARKS = ['lowest mark', 'mark in the middle', 'highest mark'] as const;
const stepName = (s: DialStep): string =>
  s === 'pivot' ? 'middle of the needle' : s === 'tip' ? 'tip of the needle' : (MARKS[s] ?? `mark ${s + 1}`);

/**
 * Reads a gauge off pictures of the dash: the middle and two marks or more are touched once, the needle is looked for, the
 * moment of the picture puts the figure into the log of the run. On the next picture the scale is moved along by its middle.
 */
export function DialSheet({ photos, onClose }: { photos: readonly StoredRecord<'photo'>[]; onClose: () => void }) {
  const dial = useDial(photos);
  const { list, index, kept, problem, shown } = dial;
  return (
    <Modal title="Gauge off the picture" onClose={onClose} wide="desk">
      <div className="grid gap-3 lg:grid-cols-[1fr_320px]">
        <Touches dial={dial} />
        <div className="grid content-start gap-3">
          <ScaleFields dial={dial} />
          <DialReading dial={dial} />
          <Keys
            legend="Pictures"
            choices={list.map((p, i) => [String(i), `${i + 1}${kept.includes(p.id) ? ' ✓' : ''}`] as const)}
            held={String(index)}
            onSay={(i) => dial.go(Number(i))}
          />
          {problem && <p role="alert">{problem}</p>}
          <button type="button" className="btn btn-main min-h-14" disabled={!shown} onClick={dial.keep}>
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

/** The picture, and what is touched on it next. */
function Touches({ dial: { list, index, photo, address, picture, scale } }: { dial: Dial }) {
  const { pivot, marks, tip, radius, step } = scale;
  const { takenAt } = photo.body;
  return (
    <div className="grid content-start gap-2">
      <p className="text-sm">
        Picture {index + 1} of {list.length}
        {takenAt ? `, ${momentText(takenAt)}` : ', without its moment'}. Touch the <strong>{stepName(step)}</strong>
        {step === 'pivot' && index > 0 && pivot ? ': the scale comes along' : ''}.
      </p>
      <TapPicture src={address} alt={photo.body.caption || photo.body.name} imageRef={picture} onTap={scale.tap}>
        {({ width }) => <DialOverlay width={width} pivot={pivot} marks={marks} tip={tip} radius={radius} />}
      </TapPicture>
      <div className="flex flex-wrap gap-2">
        {(['pivot', ...marks.map((_, i) => i), 'tip'] as DialStep[]).map((s) => (
          <button
            key={s}
            type="button"
            className="btn btn-small min-h-11"
            aria-pressed={s === step}
            onClick={() => scale.setStep(s)}
            onKeyDown={(e) => scale.nudge(s, e)}
          >
            {scale.placeOf(s) ? 'Move the ' : 'The '}
            {stepName(s)}
          </button>
        ))}
      </div>
    </div>
  );
}

/** Which gauge it is, what its marks say, and when the picture was taken where it does not tell. */
function ScaleFields({ dial: { dial, setDial, scale, photo, minutes, setMinutes } }: { dial: Dial }) {
  return (
    <>
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
        {scale.marks.map((m, i) => (
          <label key={i} className="grid gap-1 text-sm font-semibold">
            {capital(stepName(i))} says
            <input
              className="field figure"
              inputMode="decimal"
              value={m.value}
              onChange={(e) => scale.say(i, e.target.value)}
            />
          </label>
        ))}
      </div>
      <button type="button" className="btn btn-small" onClick={scale.oneMore}>
        One more mark
      </button>
      {!photo.body.takenAt && (
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
    </>
  );
}

/** What the needle says, or why nothing is read. */
function DialReading({ dial: { scale, dial, refused, shown } }: { dial: Dial }) {
  const { unit, digits } = DIALS[dial];
  return (
    <div role="status" className="min-h-16">
      {scale.looking && <p className="text-sm text-soft">Looking for the needle …</p>}
      {scale.unreadable && <p className="text-sm">The picture could not be read. Touch the tip yourself.</p>}
      {scale.noNeedle && <p className="border-l-4 border-pin pl-2 text-sm">No needle stands out: touch its tip.</p>}
      {refused && <p className="border-l-4 border-pin pl-2 text-sm">{DIAL_REFUSAL_WORDS[refused]}</p>}
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
  );
}
