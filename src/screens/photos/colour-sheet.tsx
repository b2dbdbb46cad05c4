'use client';

import type { Patch } from '@/core/image/pixels';
import type { StoredRecord } from '@/core/kinds';
import { Modal } from '@/ui/parts/modal';
import { TapPicture } from '@/ui/parts/tap-picture';
import { useWording } from '@/ui/preferences';
import { useCar } from '@/ui/records/inspection';
import { COLOUR_REFUSAL_WORDS, VERDICT_WORDS } from '@/words/colour';
import { zoneWords } from '@/words/zones';
import { JAMB, STEPS, type Step, useColourSheet } from './use-colour-sheet';
import { ZoneField } from './zone-field';

const NAMES: Readonly<Record<Step, string>> = { card: 'card', a: 'A', b: 'B' };
const PATCH_WORDS: Readonly<Record<Step, string>> = { card: 'The grey card', a: 'Place A', b: 'Place B' };

/** Compares two panels, or a panel and its jamb, on one to three pictures with a grey card in them. */
export function ColourSheet({ photos, onClose }: { photos: readonly StoredRecord<'photo'>[]; onClose: () => void }) {
  const { plan, car } = useCar();
  const wording = useWording(car?.steering);
  const sheet = useColourSheet(photos, onClose);
  const { at, photo, address, places, step, zone } = sheet;
  const zones = [...plan!.zones.values()].filter((z) => z.aspects.includes('paint'));
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
        <TapPicture
          src={address}
          alt={photo.body.caption || photo.body.name}
          imageRef={sheet.picture}
          onTap={sheet.tap}
        >
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
              onClick={() => sheet.setStep(s)}
              onKeyDown={(e) => sheet.nudge(s, e)}
            >
              {NAMES[s]}: {places[s] ? 'move' : name}
            </button>
          ))}
        </div>
        <div className="grid gap-2 sm:grid-cols-2">
          <ZoneField label="A is" zones={zones} value={zone} onChange={sheet.setZone} />
          <ZoneField label="B is" zones={zones} value={sheet.against} onChange={sheet.setAgainst}>
            <option value={JAMB}>the jamb of {zone ? zoneWords(zone, wording) : 'A'}</option>
          </ZoneField>
        </div>
        <Answer found={sheet.found} />
        {sheet.problem && <p role="alert">{sheet.problem}</p>}
        <button type="button" className="btn btn-main" disabled={!sheet.ready} onClick={sheet.keep}>
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

/** How far the two places differ, or why nothing can be said. */
function Answer({ found }: { found: ReturnType<typeof useColourSheet>['found'] }) {
  return (
    <div role="status" className="min-h-12">
      {found === 'away' && <p className="text-sm">The picture could not be read. Try again when you are connected.</p>}
      {found !== null && found !== 'away' && !found.ok && (
        <p className="border-l-4 border-pin pl-2 text-sm">
          {PATCH_WORDS[found.patch]}: {COLOUR_REFUSAL_WORDS[found.reason]}
        </p>
      )}
      {found !== null && found !== 'away' && found.ok && (
        <p>
          <span className="figure text-2xl font-semibold">ΔE {found.deltaE.value!.toFixed(1)}</span>{' '}
          <span className="text-soft">
            ({found.deltaE.low!.toFixed(1)} to {found.deltaE.high!.toFixed(1)})
          </span>{' '}
          {VERDICT_WORDS[found.verdict]}
        </p>
      )}
    </div>
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
