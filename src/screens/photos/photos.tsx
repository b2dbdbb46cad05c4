'use client';

import { useMemo, useState } from 'react';
import { useDropzone } from 'react-dropzone';
import type { StoredRecord } from '@/core/kinds';
import { cameraShiftMin, momentsOf, proposeZones } from '@/core/photo/propose-zone';
import { recordsOf } from '@/core/records/reduce';
import { photoQueue } from '@/ui/device/photo-queue';
import { PhotosOnTheirWay } from '@/ui/device/photos-on-their-way';
import { useWording } from '@/ui/preferences';
import { useInspection } from '@/ui/records/inspection';
import { zoneName } from '@/words/zones';
import { ChosenPictures } from './chosen-pictures';
import { ProposedPlaces } from './proposed-places';
import { StandardViews } from './standard-views';
import { Tile } from './tile';

type Photo = StoredRecord<'photo'>;
const SHOWN_AT_ONCE = 120;

/** All pictures of the lot: drop many at once, and put each where it belongs, many at a time. */
export function Photos() {
  const { facts, state, store, mayEdit, car } = useInspection();
  const wording = useWording(car?.steering);
  const [chosen, setChosen] = useState<ReadonlySet<string>>(new Set());
  const [only, setOnly] = useState(false);
  const [shown, setShown] = useState(SHOWN_AT_ONCE);
  const [shift, setShift] = useState<number | null>(null);
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
  // The whole car from a side is at its place.
  const unplaced = photos.filter((p) => p.body.zone === null && p.body.view === null);
  const listed = only ? unplaced : [...unplaced, ...photos.filter((p) => !unplaced.includes(p))];
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
        <StandardViews />
        {mayEdit && proposals.size > 0 && (
          <ProposedPlaces
            count={proposals.size}
            used={used}
            best={best}
            onClock={setShift}
            onAccept={() => place(unplaced, (p) => proposals.get(p.id)?.zone)}
          />
        )}
        {picked.length > 0 && (
          <ChosenPictures
            picked={picked}
            proposed={picked.some((p) => proposals.has(p.id))}
            onPlace={(to) => place(picked, (p) => (to === 'as-proposed' ? proposals.get(p.id)?.zone : to))}
            onLetGo={() => setChosen(new Set())}
          />
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
    </main>
  );
}
