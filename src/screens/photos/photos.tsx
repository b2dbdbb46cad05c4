'use client';

import { AudioWaveform, Check, Eye, MapPin, Palette, Trash2 } from 'lucide-react';
import { useMemo, useState } from 'react';
import { useDropzone } from 'react-dropzone';
import type { StoredRecord } from '@/core/kinds';
import { cameraShiftMin, momentsOf, type Proposal, proposeZones } from '@/core/photo/propose-zone';
import { recordsOf } from '@/core/records/reduce';
import { photoQueue } from '@/ui/device/photo-queue';
import { PhotosOnTheirWay } from '@/ui/device/photos-on-their-way';
import { useWording } from '@/ui/preferences';
import { useInspection } from '@/ui/records/inspection';
import { momentText } from '@/words/dates';
import { seamName } from '@/words/fit';
import { zoneName } from '@/words/zones';
import { ColourSheet } from './colour-sheet';
import { LookSheet } from './look-sheet';
import { WavesSheet } from './waves-sheet';

type Photo = StoredRecord<'photo'>;
const SHOWN_AT_ONCE = 120;

/** All pictures of the lot: drop many at once, and put each where it belongs, many at a time. */
export function Photos() {
  const { facts, plan, state, store, mayEdit, car } = useInspection();
  const wording = useWording(car?.steering);
  const [chosen, setChosen] = useState<ReadonlySet<string>>(new Set());
  const [only, setOnly] = useState(false);
  const [shown, setShown] = useState(SHOWN_AT_ONCE);
  const [shift, setShift] = useState<number | null>(null);
  const [comparing, setComparing] = useState(false);
  const [waving, setWaving] = useState(false);
  const [looking, setLooking] = useState(false);
  const photos = useMemo(() => recordsOf(state.records, 'photo'), [state.records]);
  const best = useMemo(() => {
    const taken = photos.flatMap((p) => (p.body.takenAt && !p.body.zone ? [Date.parse(p.body.takenAt)] : []));
    return cameraShiftMin(taken, momentsOf(state.records.values()));
  }, [photos, state.records]);
  const used = shift ?? best;
  const proposals = useMemo(
    () => new Map(proposeZones(state.records.values(), used).map((p) => [p.photo, p])),
    [state.records, used],
  );
  const unplaced = photos.filter((p) => p.body.zone === null);
  const listed = only ? unplaced : [...unplaced, ...photos.filter((p) => p.body.zone !== null)];
  const zones = plan ? [...plan.zones.keys()].map((z) => [z, zoneName(z, wording)] as const) : [];
  zones.sort((a, b) => a[1].localeCompare(b[1]));
  const place = (of: readonly Photo[], zone: (p: Photo) => string | null | undefined) => {
    const moved = of.flatMap((p) => {
      const to = zone(p);
      return to === undefined ? [] : [{ kind: 'photo' as const, id: p.id, body: { ...p.body, zone: to } }];
    });
    if (moved.length > 0) store.put(moved);
    setChosen(new Set());
  };
  const picked = listed.filter((p) => chosen.has(p.id));
  const toggle = (id: string) => {
    const next = new Set(chosen);
    if (!next.delete(id)) next.add(id);
    setChosen(next);
  };
  const { getRootProps, getInputProps, isDragActive, open } = useDropzone({
    onDrop: (files) => void photoQueue().add(facts.id, files),
    disabled: !mayEdit,
    noClick: true,
    noKeyboard: true,
  });
  return (
    <main {...getRootProps({ className: 'min-h-0 flex-1 overflow-y-auto', role: undefined })}>
      <div className="mx-auto grid max-w-6xl gap-4 p-4">
        <div className="flex flex-wrap items-center gap-3">
          <h2 className="flex-1 text-lg font-bold">
            {photos.length} {photos.length === 1 ? 'picture' : 'pictures'}
            {unplaced.length > 0 && `, ${unplaced.length} without a place`}
          </h2>
          {unplaced.length > 0 && (
            <label className="flex min-h-11 items-center gap-2 text-sm">
              <input type="checkbox" className="size-5" checked={only} onChange={(e) => setOnly(e.target.checked)} />
              only those
            </label>
          )}
          {mayEdit && (
            <>
              <input
                {...getInputProps({
                  accept: 'image/jpeg,image/png,image/webp,image/heic,image/heif',
                  'aria-label': 'Photos',
                })}
                id="lot-photos"
              />
              <button type="button" className={`btn ${isDragActive ? 'bg-tape text-tape-ink' : ''}`} onClick={open}>
                {isDragActive ? 'Let go to add' : 'Add photos'}
              </button>
            </>
          )}
        </div>
        <PhotosOnTheirWay inspection={facts.id} />
        {mayEdit && proposals.size > 0 && (
          <section className="grid gap-2 bg-tape/40 p-3" aria-label="Proposed places">
            <p className="flex flex-wrap items-center gap-3">
              <MapPin size={18} aria-hidden="true" />
              <span className="min-w-0 flex-1">
                <strong>{proposals.size} places proposed</strong> from what was entered when the pictures were taken.
                {used !== 0 && ` The camera’s clock is taken as ${clockText(used)}.`}
              </span>
              <label className="flex items-center gap-2 text-sm">
                Clock
                <select
                  className="field w-auto"
                  value={used}
                  onChange={(e) => setShift(Number(e.target.value))}
                  aria-label="Camera’s clock"
                >
                  {[...new Set([0, best, used, ...Array.from({ length: 27 }, (_, i) => (i - 12) * 60)])]
                    .sort((a, b) => a - b)
                    .map((m) => (
                      <option key={m} value={m}>
                        {clockText(m)}
                      </option>
                    ))}
                </select>
              </label>
              <button
                type="button"
                className="btn btn-main"
                onClick={() => place(unplaced, (p) => proposals.get(p.id)?.zone)}
              >
                <Check size={16} aria-hidden="true" /> Accept all {proposals.size}
              </button>
            </p>
          </section>
        )}
        {picked.length > 0 && (
          <section
            className="sticky top-0 z-10 flex flex-wrap items-center gap-2 border-2 border-thread bg-card p-2"
            aria-label="Chosen pictures"
          >
            <span className="text-sm font-semibold">{picked.length} chosen</span>
            {picked.length <= 2 && (
              <button type="button" className="btn" onClick={() => setLooking(true)}>
                <Eye size={16} aria-hidden="true" /> {picked.length === 2 ? 'Side by side' : 'Look'}
              </button>
            )}
            {mayEdit && (
              <>
                <select
                  className="field w-auto min-w-44 flex-1"
                  value=""
                  aria-label="Put the chosen pictures at"
                  onChange={(e) => place(picked, () => (e.target.value === '-' ? null : e.target.value))}
                >
                  <option value="" disabled>
                    Put at …
                  </option>
                  {zones.map(([slug, name]) => (
                    <option key={slug} value={slug}>
                      {name}
                    </option>
                  ))}
                  <option value="-">no place</option>
                </select>
                {picked.some((p) => proposals.has(p.id)) && (
                  <button type="button" className="btn" onClick={() => place(picked, (p) => proposals.get(p.id)?.zone)}>
                    <Check size={16} aria-hidden="true" /> As proposed
                  </button>
                )}
                {plan && picked.length <= 3 && (
                  <button type="button" className="btn" onClick={() => setComparing(true)}>
                    <Palette size={16} aria-hidden="true" /> Compare colour
                  </button>
                )}
                {plan && (
                  <select
                    className="field w-auto min-w-44 flex-1"
                    value=""
                    aria-label="The chosen pictures show the seam"
                    onChange={(e) => {
                      const seam = e.target.value;
                      store.put(
                        picked.map((p) => ({
                          kind: 'photo' as const,
                          id: p.id,
                          body: { ...p.body, seam, seamRefused: null },
                        })),
                      );
                      setChosen(new Set());
                    }}
                  >
                    <option value="" disabled>
                      Shows seam …
                    </option>
                    {[...plan.seams.keys()].map((s) => (
                      <option key={s} value={s}>
                        {seamName(s, wording)}
                      </option>
                    ))}
                  </select>
                )}
                {plan && picked.length === 1 && (
                  <button type="button" className="btn" onClick={() => setWaving(true)}>
                    <AudioWaveform size={16} aria-hidden="true" /> Waves
                  </button>
                )}
                <button
                  type="button"
                  className="btn"
                  onClick={() => {
                    for (const p of picked) store.remove(p.id);
                    setChosen(new Set());
                  }}
                >
                  <Trash2 size={16} aria-hidden="true" /> Take out
                </button>
              </>
            )}
            <button type="button" className="btn" onClick={() => setChosen(new Set())}>
              Let go
            </button>
          </section>
        )}
        {photos.length === 0 ? (
          <p className="sheet p-6">
            No picture yet. Drop as many as you have here, or add them on the walk at the place they show.
          </p>
        ) : (
          <ul className="grid grid-cols-2 gap-3 sm:grid-cols-3 lg:grid-cols-5">
            {listed.slice(0, shown).map((p) => (
              <Tile
                key={p.id}
                photo={p}
                name={p.body.zone ? zoneName(p.body.zone, wording) : null}
                proposal={proposals.get(p.id)}
                proposed={proposals.has(p.id) ? zoneName(proposals.get(p.id)!.zone, wording) : ''}
                chosen={chosen.has(p.id)}
                onToggle={() => toggle(p.id)}
              />
            ))}
          </ul>
        )}
        {listed.length > shown && (
          <button type="button" className="btn" onClick={() => setShown(shown + SHOWN_AT_ONCE)}>
            Show more of {listed.length}
          </button>
        )}
      </div>
      {comparing && picked.length > 0 && <ColourSheet photos={picked} onClose={() => setComparing(false)} />}
      {looking && picked.length > 0 && <LookSheet photos={picked} onClose={() => setLooking(false)} />}
      {waving && picked[0] && <WavesSheet photo={picked[0]} onClose={() => setWaving(false)} />}
    </main>
  );
}

/** The camera's clock against the entries' in words. */
function clockText(min: number): string {
  if (min === 0) return 'right';
  const [h, m] = [Math.floor(Math.abs(min) / 60), Math.abs(min) % 60];
  const amount = [h > 0 ? `${h} h` : '', m > 0 ? `${m} min` : ''].filter(Boolean).join(' ');
  return `${amount} ${min > 0 ? 'behind' : 'ahead'}`;
}

function Tile({
  photo,
  name,
  proposal,
  proposed,
  chosen,
  onToggle,
}: {
  photo: Photo;
  name: string | null;
  proposal: Proposal | undefined;
  proposed: string;
  chosen: boolean;
  onToggle: () => void;
}) {
  const { body: p } = photo;
  const label = p.caption || p.name;
  return (
    <li
      className={`grid content-start gap-1 rounded-cut border p-1.5 ${chosen ? 'border-2 border-thread bg-wash' : 'border-line bg-card'}`}
    >
      <label className="relative block" htmlFor={`choose-${photo.id}`}>
        {/* biome-ignore lint/performance/noImgElement: derivatives are made by our own store */}
        <img
          src={`/api/v1/photos/${p.sha256}/320`}
          alt={label}
          width={320}
          height={240}
          loading="lazy"
          className="aspect-4/3 w-full rounded-cut object-cover"
        />
        <input
          id={`choose-${photo.id}`}
          type="checkbox"
          className="absolute top-1 left-1 size-7"
          checked={chosen}
          onChange={onToggle}
          aria-label={`Choose ${label}`}
        />
      </label>
      <span className="truncate text-sm font-semibold">{label}</span>
      {name ? (
        <span className="text-sm">{name}</span>
      ) : proposal ? (
        <span className="text-sm">
          <span className="bg-tape px-1 text-tape-ink">{proposed}?</span>{' '}
          <span className="text-xs text-soft">
            {proposal.sure
              ? 'entries before and after'
              : `${proposal.offMin < 1 ? 'under 1' : Math.round(proposal.offMin)} min off`}
          </span>
        </span>
      ) : (
        <span className="text-sm text-soft">no place</span>
      )}
      {p.takenAt && <span className="text-xs text-soft">{momentText(p.takenAt)}</span>}
    </li>
  );
}
