import { Undo2 } from 'lucide-react';
import { recordsOf } from '@/core/records/reduce';
import { ToWalk } from '@/ui/chapter/aspect-findings';
import { RecordPictures } from '@/ui/parts/record-pictures';
import { useLot, useStored } from '@/ui/records/inspection';
import { capital } from '@/words/capital';
import { countedName } from '@/words/flaws';
import { doneWhen, jobName } from '@/words/offers';
import type { Wording } from '@/words/vocabulary';
import { zoneWords } from '@/words/zones';

/** The jobs that were done, with what each put right and its pictures; the look that is wanted at the place now. */
export function WorkDone({ wording }: { wording: Wording }) {
  const { store, mayEdit } = useLot();
  const records = useStored((s) => s.records);
  const done = recordsOf(records, 'done');
  if (done.length === 0) return null;
  const findings = new Map(recordsOf(records, 'finding').map((f) => [f.id, f.body]));
  return (
    <section className="sheet grid gap-2 p-4" aria-label="Done">
      <h2 className="text-lg font-bold">Done</h2>
      <ul>
        {done.map(({ id, body }) => (
          <li key={id} className="grid gap-2 border-t border-line py-2">
            <div className="flex items-start gap-2">
              <p className="min-w-0 flex-1 leading-snug">
                <strong>{capital(jobName(body, wording))}</strong>
                <span className="block text-sm">{doneWhen(body)}</span>
                {body.serves.map((key) => {
                  const f = findings.get(key);
                  return (
                    f && (
                      <span key={key} className="block text-sm text-soft">
                        put right: {countedName(f, wording.words)}, {zoneWords(f.zone, wording)}
                      </span>
                    )
                  );
                })}
              </p>
              {mayEdit && (
                <button
                  type="button"
                  className="grid size-11 place-items-center rounded-cut hover:bg-wash"
                  aria-label={`${capital(jobName(body, wording))} was not done`}
                  onClick={() => store.remove(id)}
                >
                  <Undo2 size={18} aria-hidden="true" />
                </button>
              )}
            </div>
            <RecordPictures record={id} zone={body.zone} says="Photo of the invoice or the place" />
            {body.zone && (
              <span className="text-sm">
                <ToWalk zone={body.zone}>Look at it again</ToWalk>
              </span>
            )}
          </li>
        ))}
      </ul>
    </section>
  );
}
