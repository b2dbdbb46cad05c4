import { useMemo } from 'react';
import { type SortRow, sorted, surerThan } from '@/entry/talk/sorting';
import { useWording } from '@/ui/preferences';
import { useCar, useLot } from '@/ui/records/inspection';
import { plural } from '@/words/plural';
import { zoneWords } from '@/words/zones';
import { SayOtherwise } from './say-otherwise';
import { StatementRow } from './statement-row';
import type { Sorting } from './use-sorting';

/** Chances from which on all statements are taken at once. */
export const LEAST = { from: 0.6, to: 0.98, usual: 0.9, step: 0.01 } as const;

/** What is being done with the statement in hand: looked at, said otherwise, put at another place, kept as a note. */
export type SortMode = 'look' | 'edit' | 'place' | 'note';

interface Props {
  readonly sorting: Sorting;
  /** The place that is spoken of. */
  readonly zone: string | null;
  readonly mode: SortMode;
  readonly onMode: (mode: SortMode) => void;
  readonly onPick: (row: SortRow) => void;
  readonly least: number;
  readonly onLeast: (least: number) => void;
}

/** What was said, sentence by sentence, with what becomes of each. */
export function Statements({ sorting, zone, mode, onMode, onPick, least, onLeast }: Props) {
  const { rows, row, busy } = sorting;
  const { mayEdit } = useLot();
  const { car } = useCar();
  const wording = useWording(car?.steering);
  const note = zone ? `Note at ${zoneWords(zone, wording)}` : 'As a note';
  return (
    <section aria-label="Statements" className="flex min-h-0 flex-col border-line bg-card lg:border-l">
      <SortedSoFar sorting={sorting} least={least} onLeast={onLeast} />
      {!busy && rows.length === 0 && (
        <p className="p-4">Nothing in these words speaks of the car. Nothing was entered.</p>
      )}
      <ol className="min-h-0 flex-1 lg:overflow-y-auto">
        {rows.map((r) => (
          <StatementRow key={r.key} row={r} here={r.key === row?.key} onPick={() => onPick(r)}>
            {mayEdit && mode === 'edit' ? (
              <SayOtherwise
                text={r.text}
                zone={zone}
                onTake={(items) => {
                  sorting.accept(r, items);
                  onMode('look');
                }}
                onLeave={() => onMode('look')}
              />
            ) : (
              mayEdit && <Acts row={r} zone={zone} note={note} sorting={sorting} onMode={onMode} />
            )}
          </StatementRow>
        ))}
      </ol>
    </section>
  );
}

/** How many are sorted, and all that are surer than the slider says taken at once. */
function SortedSoFar({ sorting, least, onLeast }: Pick<Props, 'sorting' | 'least' | 'onLeast'>) {
  const { rows, busy } = sorting;
  const { mayEdit } = useLot();
  const { done, all } = sorted(rows);
  const sure = useMemo(() => surerThan(rows, least), [rows, least]);
  return (
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
              onChange={(e) => onLeast(Number(e.target.value))}
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
  );
}

/** What can become of a statement; `note`: what keeping it as a note is called. */
function Acts({
  row,
  zone,
  note,
  sorting,
  onMode,
}: { readonly row: SortRow; readonly note: string } & Pick<Props, 'zone' | 'sorting' | 'onMode'>) {
  const decided = row.decision !== null;
  const shut = !row.item || decided;
  const acts: readonly { says: string; off: boolean; does: () => void; title?: string }[] = [
    { says: 'Take', off: shut, does: () => sorting.accept(row) },
    { says: 'Another place', off: shut, does: () => onMode('place') },
    { says: 'Say it otherwise', off: decided, does: () => onMode('edit') },
    {
      says: note,
      off: decided,
      does: () => (zone ? sorting.note(row, zone) : onMode('note')),
      title: 'Kept as written, marked as your own words; it judges nothing.',
    },
    { says: 'Drop', off: decided, does: () => sorting.decide(row, 'dropped') },
  ];
  return (
    <div className="flex flex-wrap gap-1.5 px-3 pb-3">
      {acts.map(({ says, off, does, title }, i) => (
        <button
          key={says}
          type="button"
          className={`btn btn-small ${i === 0 ? 'btn-main' : ''}`}
          disabled={off}
          title={title}
          onClick={does}
        >
          {says}
        </button>
      ))}
    </div>
  );
}
