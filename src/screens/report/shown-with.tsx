import { Check } from 'lucide-react';
import type { AnyRecord } from '@/core/kinds';
import { MOST_SHOWN } from '@/core/kinds/question-asked';
import { placesOf } from '@/report/rests';
import type { LotQuestion } from '@/ui/records/use-questions';
import { recordLine } from '@/words/record';
import type { Wording } from '@/words/vocabulary';

/** Entries offered beside an answer; more would be looked for in the records themselves. */
const MOST_OFFERED = 24;
/** Kinds that show nothing by themselves. */
const SHOW_NOTHING: ReadonlySet<AnyRecord['kind']> = new Set(['car', 'moment', 'film', 'visit', 'look']);

/** What can be shown with an answer: pictures first, then what was measured and found, at the place that is asked about. */
export function showable(
  records: readonly AnyRecord[],
  q: Pick<LotQuestion, 'finding' | 'zone' | 'photo'>,
): readonly AnyRecord[] {
  const about = q.finding ? records.find((r) => r.id === q.finding) : undefined;
  const zone = q.zone ?? (about ? placesOf(about.body)[0] : undefined);
  const fits = (r: AnyRecord) =>
    r.id === q.photo ||
    (zone === undefined
      ? r.kind === 'photo' && r.body.view !== null && !q.photo
      : r.id === q.finding ||
        placesOf(r.body).includes(zone) ||
        (r.kind === 'photo' && r.body.finding !== null && r.body.finding === q.finding));
  const open = (r: AnyRecord) => !(r.kind === 'finding' && r.body.withheld);
  const list = records.filter((r) => !SHOW_NOTHING.has(r.kind) && open(r) && fits(r));
  return [...list.filter((r) => r.kind === 'photo'), ...list.filter((r) => r.kind !== 'photo')].slice(0, MOST_OFFERED);
}

/** Pictures and readings to be shown with an answer, each a touch. */
export function ShownWith({
  list,
  chosen,
  choose,
  wording,
}: {
  list: readonly AnyRecord[];
  chosen: readonly string[];
  choose: (ids: readonly string[]) => void;
  wording: Wording;
}) {
  if (list.length === 0) return null;
  const turn = (id: string) =>
    choose(chosen.includes(id) ? chosen.filter((c) => c !== id) : [...chosen, id].slice(0, MOST_SHOWN));
  return (
    <fieldset className="grid gap-1">
      <legend className="font-semibold">Show with it</legend>
      <div className="flex flex-wrap gap-1.5">
        {list.map((r) => {
          const on = chosen.includes(r.id);
          const words = recordLine(r, wording);
          return (
            <button
              key={r.id}
              type="button"
              aria-pressed={on}
              aria-label={words}
              onClick={() => turn(r.id)}
              className={`relative min-h-11 overflow-hidden rounded-cut border-2 ${on ? 'border-thread' : 'border-line'} ${r.kind === 'photo' ? '' : 'px-2 text-left first-letter:uppercase'}`}
            >
              {r.kind === 'photo' ? (
                // biome-ignore lint/performance/noImgElement: derivatives are made by our own store
                <img
                  src={`/api/v1/photos/${r.body.sha256}/320`}
                  alt=""
                  width={88}
                  height={66}
                  loading="lazy"
                  className="h-[66px] w-[88px] object-cover"
                />
              ) : (
                words
              )}
              {on && (
                <Check
                  size={18}
                  aria-hidden="true"
                  className="absolute top-0.5 right-0.5 rounded-full bg-thread text-thread-ink"
                />
              )}
            </button>
          );
        })}
      </div>
    </fieldset>
  );
}
