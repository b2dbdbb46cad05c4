'use client';

import { type ReactNode, useMemo, useRef, useState } from 'react';
import { toast } from 'sonner';
import { v7 as uuidv7 } from 'uuid';
import { atPlace, type SortRow, sorted, surerThan, zoneOf } from '@/entry/talk/sorting';
import { PlanDrawing } from '@/ui/body-plan/plan-drawing';
import type { ZoneLook } from '@/ui/body-plan/plan-types';
import { PlanZoom } from '@/ui/body-plan/plan-zoom';
import { NoPlanYet } from '@/ui/chapter/no-plan-yet';
import { photoQueue } from '@/ui/device/photo-queue';
import { stillAround } from '@/ui/film/film-stills';
import { type FilmBeside, useFilm } from '@/ui/film/use-film';
import { useWording } from '@/ui/preferences';
import { useCar, useLot } from '@/ui/records/inspection';
import { plural } from '@/words/plural';
import { zoneName, zoneWords } from '@/words/zones';
import { BringIn } from './bring-in';
import { FilmPane } from './film-pane';
import { SayOtherwise } from './say-otherwise';
import { StatementRow } from './statement-row';
import { SORT_KEYS, type SortActions, useSortKeys } from './talk-keys';
import { type Sorting, useSorting } from './use-sorting';

const LEAST = { from: 0.6, to: 0.98, usual: 0.9, step: 0.01 } as const;

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

function SortingTable({ sorting, film }: { sorting: Sorting; film: FilmBeside }) {
  const { rows, row, talk, busy } = sorting;
  const { plan, car } = useCar();
  const { facts, mayEdit } = useLot();
  const wording = useWording(car?.steering);
  const video = useRef<HTMLVideoElement>(null);
  const [mode, setMode] = useState<'look' | 'edit' | 'place' | 'note'>('look');
  const [least, setLeast] = useState<number>(LEAST.usual);
  const zone = placeOf(rows, row);
  const view = zone ? plan!.zones.get(zone)!.view : 'outside';
  const { done, all } = sorted(rows);
  const sure = useMemo(() => surerThan(rows, least), [rows, least]);
  const pick = (to: SortRow | undefined) => {
    if (!to) return;
    sorting.pick(to.key);
    setMode('look');
    if (video.current && to.fromS !== undefined) video.current.currentTime = to.fromS;
  };
  const still = () => {
    if (!row || row.fromS === undefined || !video.current || !film.atHand) return;
    const finding = sorting.findingOf(row);
    void stillAround(video.current, row.fromS, film.atHand.file.name)
      .then((file) => photoQueue().add(facts.id, [file], { zone, finding }))
      .then(() =>
        toast(`A still is on its way to the pictures${finding ? ', with its finding' : zone ? ', at its place' : ''}.`),
      )
      .catch(() => toast('No still could be made of that moment. The film and the records stay as they are.'));
  };
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
      <section aria-label="Statements" className="flex min-h-0 flex-col border-line bg-card lg:border-l">
        <div className="grid gap-1.5 border-b border-line p-3">
          <p className="flex items-baseline justify-between gap-2 font-bold">
            <span aria-live="polite">{busy ? 'Listening…' : `${done} of ${all} sorted`}</span>
            <span className="text-sm font-normal text-soft">
              {plural(rows.filter((r) => !r.item).length, 'saying')} not understood
            </span>
          </p>
          <progress
            className="h-2 w-full appearance-none [&::-moz-progress-bar]:bg-thread [&::-webkit-progress-bar]:bg-wash [&::-webkit-progress-value]:bg-thread"
            max={Math.max(1, all)}
            value={done}
            aria-label="Sorted"
          />
          {mayEdit && (
            <div className="flex flex-wrap items-center gap-2">
              <label className="flex min-w-0 flex-1 items-center gap-2 text-sm">
                <span className="shrink-0">surer than {Math.round(least * 100)}</span>
                <input
                  type="range"
                  className="min-h-11 w-full accent-thread"
                  min={LEAST.from}
                  max={LEAST.to}
                  step={LEAST.step}
                  value={least}
                  onChange={(e) => setLeast(Number(e.target.value))}
                />
              </label>
              <button
                type="button"
                className="btn btn-main"
                disabled={sure.length === 0}
                onClick={() => sorting.acceptSurer(least)}
              >
                Take all {sure.length}
              </button>
            </div>
          )}
        </div>
        {!busy && rows.length === 0 && (
          <p className="p-4">Nothing in these words speaks of the car. Nothing was entered.</p>
        )}
        <ol className="min-h-0 flex-1 lg:overflow-y-auto">
          {rows.map((r) => (
            <StatementRow key={r.key} row={r} here={r.key === row?.key} onPick={() => pick(r)}>
              {mayEdit && mode === 'edit' ? (
                <SayOtherwise
                  text={r.text}
                  zone={zone}
                  onTake={(items) => {
                    sorting.accept(r, items);
                    setMode('look');
                  }}
                  onLeave={() => setMode('look')}
                />
              ) : (
                mayEdit && (
                  <Acts>
                    <button
                      type="button"
                      className="btn btn-small btn-main"
                      disabled={!r.item || r.decision !== null}
                      onClick={() => sorting.accept(r)}
                    >
                      Take
                    </button>
                    <button
                      type="button"
                      className="btn btn-small"
                      disabled={!r.item || r.decision !== null}
                      onClick={() => setMode('place')}
                    >
                      Another place
                    </button>
                    <button
                      type="button"
                      className="btn btn-small"
                      disabled={r.decision !== null}
                      onClick={() => setMode('edit')}
                    >
                      Say it otherwise
                    </button>
                    <button
                      type="button"
                      className="btn btn-small"
                      disabled={r.decision !== null}
                      title="Kept as written, marked as your own words; it judges nothing."
                      onClick={() => (zone ? sorting.note(r, zone) : setMode('note'))}
                    >
                      {zone ? `Note at ${zoneWords(zone, wording)}` : 'As a note'}
                    </button>
                    <button
                      type="button"
                      className="btn btn-small"
                      disabled={r.decision !== null}
                      onClick={() => sorting.decide(r, 'dropped')}
                    >
                      Drop
                    </button>
                  </Acts>
                )
              )}
            </StatementRow>
          ))}
        </ol>
      </section>
    </main>
  );
}

const NO_LOOKS: ReadonlyMap<string, ZoneLook> = new Map();

const Acts = ({ children }: { children: ReactNode }) => (
  <div className="flex flex-wrap gap-1.5 px-3 pb-3">{children}</div>
);

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
