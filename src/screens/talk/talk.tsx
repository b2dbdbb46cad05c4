'use client';

import { type RefObject, useRef, useState } from 'react';
import { toast } from 'sonner';
import { v7 as uuidv7 } from 'uuid';
import { atPlace, type SortRow, zoneOf } from '@/entry/talk/sorting';
import { PlanDrawing } from '@/ui/body-plan/plan-drawing';
import type { ZoneLook } from '@/ui/body-plan/plan-types';
import { PlanZoom } from '@/ui/body-plan/plan-zoom';
import { NoPlanYet } from '@/ui/chapter/no-plan-yet';
import { photoQueue } from '@/ui/device/photo-queue';
import { stillAround } from '@/ui/film/film-stills';
import { type FilmBeside, useFilm } from '@/ui/film/use-film';
import { useWording } from '@/ui/preferences';
import { useCar, useLot } from '@/ui/records/inspection';
import { zoneName } from '@/words/zones';
import { BringIn } from './bring-in';
import { FilmPane } from './film-pane';
import { LEAST, type SortMode, Statements } from './statements';
import { SORT_KEYS, type SortActions, useSortKeys } from './talk-keys';
import { type Sorting, useSorting } from './use-sorting';

/** What was said while walking round the car: film, plan and statements side by side, sorted into records. */
export function Talk() {
  const { plan } = useCar();
  const sorting = useSorting();
  const [early] = useState(() => uuidv7());
  const film = useFilm(sorting.talk?.film ?? early);
  if (!plan) return <NoPlanYet />;
  if (!sorting.talk)
    return (
      <main className="min-h-0 flex-1 overflow-y-auto">
        <div className="mx-auto grid max-w-3xl gap-4 p-4">
          <BringIn onHear={(name, lines) => sorting.hear(name, lines, early)} onFilm={film.take} />
          {film.atHand && (
            <p className="text-sm text-soft">{film.atHand.file.name} is at hand. Its captions are still missing.</p>
          )}
        </div>
      </main>
    );
  return <SortingTable sorting={sorting} film={film} />;
}

/** The place that is spoken of: the row's own, else that of the one before it. */
function placeOf(rows: readonly SortRow[], row: SortRow | null): string | null {
  const at = rows.findIndex((r) => r.key === row?.key);
  for (let i = at; i >= 0; i--) {
    const zone = zoneOf(rows[i]!);
    if (zone) return zone;
  }
  return null;
}

/** Makes a still of the moment in hand and pins it to what was said there. */
function useStill(sorting: Sorting, film: FilmBeside, video: RefObject<HTMLVideoElement | null>, zone: string | null) {
  const { facts } = useLot();
  const { row } = sorting;
  return () => {
    if (!row || row.fromS === undefined || !video.current || !film.atHand) return;
    const finding = sorting.findingOf(row);
    void stillAround(video.current, row.fromS, film.atHand.file.name)
      .then((file) => photoQueue().add(facts.id, [file], { zone, finding }))
      .then(() =>
        toast(`A still is on its way to the pictures${finding ? ', with its finding' : zone ? ', at its place' : ''}.`),
      )
      .catch(() => toast('No still could be made of that moment. The film and the records stay as they are.'));
  };
}

function SortingTable({ sorting, film }: { sorting: Sorting; film: FilmBeside }) {
  const { rows, row, talk } = sorting;
  const { plan, car } = useCar();
  const { mayEdit } = useLot();
  const wording = useWording(car?.steering);
  const video = useRef<HTMLVideoElement>(null);
  const [mode, setMode] = useState<SortMode>('look');
  const [least, setLeast] = useState<number>(LEAST.usual);
  const zone = placeOf(rows, row);
  const view = zone ? plan!.zones.get(zone)!.view : 'outside';
  const pick = (to: SortRow | undefined) => {
    if (!to) return;
    sorting.pick(to.key);
    setMode('look');
    if (video.current && to.fromS !== undefined) video.current.currentTime = to.fromS;
  };
  const still = useStill(sorting, film, video, zone);
  const actions = useRef<SortActions>(null as unknown as SortActions);
  actions.current = {
    accept: () => row && mayEdit && sorting.accept(row),
    step: (by) => pick(rows[rows.findIndex((r) => r.key === row?.key) + by]),
    edit: () => mayEdit && setMode('edit'),
    place: () => mayEdit && setMode('place'),
    note: () => row && mayEdit && (zone ? sorting.note(row, zone) : setMode('note')),
    drop: () => row && mayEdit && sorting.decide(row, 'dropped'),
    acceptSure: () => mayEdit && sorting.acceptSurer(least),
    undo: sorting.undo,
    play: () => void (video.current?.paused ? video.current.play() : video.current?.pause()),
  };
  useSortKeys(actions);
  const onZone = (slug: string) => {
    if (!row || !mayEdit) return;
    if (mode === 'note') sorting.note(row, slug);
    else if (mode === 'place' && row.item) {
      const there = atPlace(row.item, slug);
      if (there) sorting.accept(row, [there]);
      else toast('That is said of no place on the plan.');
    }
    setMode('look');
  };
  return (
    <main className="flex min-h-0 flex-1 flex-col overflow-y-auto lg:grid lg:grid-cols-[320px_minmax(0,1fr)_440px] lg:overflow-hidden">
      <section
        aria-label="Film"
        className="grid content-start gap-2 border-line bg-card p-3 lg:overflow-y-auto lg:border-r"
      >
        <FilmPane film={film} video={video} fromS={row?.fromS} mayEdit={mayEdit} onStill={still} />
        <p className="text-sm break-words">
          <span className="font-semibold">{talk!.name}</span>
        </p>
        <KeyList />
        <button type="button" className="btn btn-small justify-self-start" onClick={sorting.putAway}>
          Put this talk away
        </button>
      </section>
      <section aria-label="Place spoken of" className="relative h-[30dvh] min-h-0 shrink-0 lg:h-auto">
        <PlanZoom key={view}>
          <PlanDrawing
            plan={plan!}
            view={view}
            looks={NO_LOOKS}
            selected={zone}
            nameOf={(z) => zoneName(z, wording)}
            named={view !== 'outside'}
            title="Place that is spoken of"
            onZone={onZone}
            className="h-full w-full"
          />
        </PlanZoom>
        <p className="absolute inset-x-3 top-2 text-center text-sm font-semibold">
          {mode === 'place' || mode === 'note'
            ? 'Touch the place that is meant.'
            : zone
              ? zoneName(zone, wording)
              : 'No place was named yet.'}
        </p>
      </section>
      <Statements
        sorting={sorting}
        zone={zone}
        mode={mode}
        onMode={setMode}
        onPick={pick}
        least={least}
        onLeast={setLeast}
      />
    </main>
  );
}

const NO_LOOKS: ReadonlyMap<string, ZoneLook> = new Map();

const KeyList = () => (
  <dl className="hidden grid-cols-[auto_1fr] gap-x-3 gap-y-0.5 text-xs lg:grid">
    {SORT_KEYS.map((k) => (
      <div key={k.shown} className="contents">
        <dt className="figure font-semibold">{k.shown}</dt>
        <dd className="text-soft">{k.says}</dd>
      </div>
    ))}
  </dl>
);
