import type { ListingVerdict, ListingWords } from '@/core/claims/listing';
import type { Judgement } from '@/core/judge/judge';
import { useWording } from '@/ui/preferences';
import { listingSuggestion, sellersWords } from '@/words/listing';
import { zoneName } from '@/words/zones';
import { VERDICT_SAYS } from './verdicts';

const ORDER: readonly ListingVerdict[] = ['contradicted', 'unsupported', 'wider', 'supported'];

/** The absolute words and claims of the text, what each is worth, and a sentence that the evidence does carry. */
export function ListingWordsFound({
  words,
  judgement,
  mayEdit,
  onPut,
}: {
  words: readonly ListingWords[];
  judgement: Judgement;
  mayEdit: boolean;
  onPut: (text: string, instead: string) => void;
}) {
  const wording = useWording(judgement.car?.steering);
  const place = (zone: string) =>
    judgement.plan.zones.has(zone) ? zoneName(zone, wording) : zone.replaceAll(/[.-]/g, ' ');
  const told = sellersWords(judgement.records);
  const sorted = [...words].sort((a, b) => ORDER.indexOf(a.verdict) - ORDER.indexOf(b.verdict) || a.from - b.from);
  return (
    <section className="sheet grid gap-2 p-4" aria-label="Words that claim something" aria-live="polite">
      <h2 className="text-lg font-bold">Words that claim something</h2>
      {sorted.length === 0 && (
        <p className="text-sm text-soft">
          None: what stands there says no more than it is. What is quoted is the seller’s.
        </p>
      )}
      <ul>
        {sorted.map((w) => {
          const instead = listingSuggestion(w, place, told);
          return (
            <li
              key={`${w.from} ${w.to}`}
              className={`grid gap-1 border-t border-line py-2 ${w.verdict === 'contradicted' ? 'border-l-4 border-l-pin pl-2' : ''}`}
            >
              <p>
                <strong>“{w.text}”</strong>: {VERDICT_SAYS[w.verdict]}
              </p>
              {instead && (
                <p className="text-sm">
                  <span className="text-soft">Instead: </span>
                  {instead}
                </p>
              )}
              {instead && mayEdit && (
                <button
                  type="button"
                  className="btn btn-small justify-self-start"
                  onClick={() => onPut(w.text, instead.replace(/\.$/, ''))}
                >
                  Put this in
                </button>
              )}
            </li>
          );
        })}
      </ul>
    </section>
  );
}
