'use client';

import { useRef, useState } from 'react';
import { largestOf, verdictOf } from '@/core/colour/verdicts';
import type { Patch } from '@/core/image/pixels';
import type { BodyOf, StoredRecord } from '@/core/kinds';
import { Modal } from '@/ui/parts/modal';
import { arrowOf, TapPicture } from '@/ui/parts/tap-picture';
import { useWording } from '@/ui/preferences';
import { useInspection } from '@/ui/records/inspection';
import { COLOUR_REFUSAL_WORDS, VERDICT_WORDS } from '@/words/colour';
import { zoneWords } from '@/words/zones';
import { type Places, useColour } from './use-colour';
import { ZoneField } from './zone-field';

const STEPS = [
  ['card', 'the grey card'],
  ['a', 'the first panel'],
  ['b', 'the other panel, or the jamb'],
] as const;
type Step = (typeof STEPS)[number][0];
const NAMES: Readonly<Record<Step, string>> = { card: 'card', a: 'A', b: 'B' };
const PATCH_WORDS: Readonly<Record<Step, string>> = { card: 'The grey card', a: 'Place A', b: 'Place B' };
/** Side of a place as a share of the picture's width. */
const SIDE = 0.07;
/** How far an arrow key moves a place, as a share of the picture's width. */
const NUDGE = 0.01;
const EMPTY: Places = { card: null, a: null, b: null };

type Angle = BodyOf<'colour'>['angles'][number];

const JAMB = 'jamb';

/** Compares two panels, or a panel and its jamb, on one to three pictures with a grey card in them. */
export function ColourSheet({ photos, onClose }: { photos: readonly StoredRecord<'photo'>[]; onClose: () => void }) {
  const { plan, store, car } = useInspection();
  const wording = useWording(car?.steering);
  const [at, setAt] = useState(0);
  const [angles, setAngles] = useState<readonly Angle[]>([]);
  const [places, setPlaces] = useState<Places>(EMPTY);
  const [step, setStep] = useState<Step>('card');
  const [zone, setZone] = useState(photos[0]!.body.zone ?? '');
  /** What B is: a panel, the jamb, or not said yet. */
  const [against, setAgainst] = useState<string>('');
  const [problem, setProblem] = useState('');
  const picture = useRef<HTMLImageElement>(null);
  const photo = photos[at]!;
  const address = `/api/v1/photos/${photo.body.sha256}/2048`;
  const found = useColour(address, places);
  const zones = [...plan!.zones.values()].filter((z) => z.aspects.includes('paint'));
  /** Puts a place around a point of the picture, kept inside it. */
  const putPlace = (s: Step, x: number, y: number) => {
    const image = picture.current;
    if (!image?.naturalWidth) return;
    const side = image.naturalWidth * SIDE;
    const inside = (v: number, size: number) => Math.min(Math.max(0, v - side / 2), size - side);
    const patch: Patch = {
      x: inside(x, image.naturalWidth),
      y: inside(y, image.naturalHeight),
      width: side,
      height: side,
    };
    setPlaces({ ...places, [s]: patch });
  };
  const tap = (x: number, y: number) => {
    putPlace(step, x, y);
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
    if (old) putPlace(s, old.x + old.width / 2 + by * arrow[0], old.y + old.height / 2 + by * arrow[1]);
    else putPlace(s, image.naturalWidth / 2, image.naturalHeight / 2);
  };
  const good = found !== null && found !== 'away' && found.ok ? found : null;
  const keep = () => {
    const { card, a, b } = places;
    if (!good || !card || !a || !b) return;
    const { value, low, high } = good.deltaE;
    const all = [...angles, { photo: photo.id, card, a, b, deltaE: { value: value!, low: low!, high: high! } }];
    if (at + 1 < photos.length) {
      setAngles(all);
      setAt(at + 1);
      setPlaces(EMPTY);
      setStep('card');
      return;
    }
    const largest = largestOf(all)!;
    const verdict = verdictOf(largest.deltaE.value);
    const put = store.put([
      {
        kind: 'colour',
        body: {
          zone,
          against: against === JAMB ? null : against,
          angles: all,
          deltaE: largest.deltaE,
          verdict,
          at: new Date().toISOString(),
        },
      },
    ]);
    if (put.ok) onClose();
    else setProblem(put.message);
  };
  return (
    <Modal
      title={`Compare colour${photos.length > 1 ? `, angle ${at + 1} of ${photos.length}` : ''}`}
      onClose={onClose}
      wide
    >
      <div className="grid gap-3">
        <p className="text-sm">
          {places[step] === null
            ? `Touch ${STEPS.find(([s]) => s === step)![1]} on the picture.`
            : 'Choose a place below to move it: touch, or arrow keys.'}
        </p>
        <TapPicture src={address} alt={photo.body.caption || photo.body.name} imageRef={picture} onTap={tap}>
          {({ width }) =>
            STEPS.map(([s]) => {
              const p = places[s];
              return p ? <Place key={s} patch={p} name={NAMES[s]} unit={width / 600} chosen={s === step} /> : null;
            })
          }
        </TapPicture>
        <div className="flex flex-wrap gap-2">
          {STEPS.map(([s, name]) => (
            <button
              key={s}
              type="button"
              className="btn btn-small"
              aria-pressed={s === step}
              onClick={() => setStep(s)}
              onKeyDown={(e) => nudge(s, e)}
            >
              {NAMES[s]}: {places[s] ? 'move' : name}
            </button>
          ))}
        </div>
        <div className="grid gap-2 sm:grid-cols-2">
          <ZoneField label="A is" zones={zones} value={zone} onChange={setZone} />
          <ZoneField label="B is" zones={zones} value={against} onChange={setAgainst}>
            <option value={JAMB}>the jamb of {zone ? zoneWords(zone, wording) : 'A'}</option>
          </ZoneField>
        </div>
        <div role="status" className="min-h-12">
          {found === 'away' && (
            <p className="text-sm">The picture could not be read. Try again when you are connected.</p>
          )}
          {found !== null && found !== 'away' && !found.ok && (
            <p className="border-l-4 border-pin pl-2 text-sm">
              {PATCH_WORDS[found.patch]}: {COLOUR_REFUSAL_WORDS[found.reason]}
            </p>
          )}
          {good && (
            <p>
              <span className="figure text-2xl font-semibold">ΔE {good.deltaE.value!.toFixed(1)}</span>{' '}
              <span className="text-soft">
                ({good.deltaE.low!.toFixed(1)} to {good.deltaE.high!.toFixed(1)})
              </span>{' '}
              {VERDICT_WORDS[good.verdict]}
            </p>
          )}
        </div>
        {problem && <p role="alert">{problem}</p>}
        <button type="button" className="btn btn-main" disabled={!good || zone === '' || against === ''} onClick={keep}>
          {at + 1 < photos.length ? 'Next angle' : 'Keep comparison'}
        </button>
        <p className="text-xs text-soft">
          A camera is a screening tool: same light, same angle, the card beside the panels. Metallic and pearl change
          with the angle: choose three pictures; the largest difference counts.
        </p>
      </div>
    </Modal>
  );
}

function Place({
  patch,
  name,
  unit,
  chosen,
}: {
  patch: Patch;
  name: string;
  /** About one px of the screen. */
  unit: number;
  chosen: boolean;
}) {
  const { x, y, width, height } = patch;
  const box = { x, y, width, height, fill: 'none' };
  return (
    <g>
      <rect {...box} stroke="black" strokeWidth={(chosen ? 6 : 4) * unit} />
      <rect {...box} stroke="white" strokeWidth={(chosen ? 4 : 2) * unit} />
      <text
        x={x + width / 2}
        y={y + height / 2}
        dy="0.35em"
        textAnchor="middle"
        fontSize={Math.min(16 * unit, width * 0.4)}
        fontWeight="700"
        fill="white"
        stroke="black"
        strokeWidth={unit * 3}
        paintOrder="stroke"
      >
        {name}
      </text>
    </g>
  );
}
