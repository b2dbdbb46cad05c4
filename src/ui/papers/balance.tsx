import type { ReactNode } from 'react';
import type { BalanceMark, WeighedClaim } from '@/core/claims/model';
import { capital } from '@/words/capital';
import { balanceText, CLAIM_WORD_WORDS, ratioText } from '@/words/claims';

/** Logarithm of the odds at which a pan is full. */
const FULL = Math.log(500);
const MARK = { for: '#00707a', against: '#b4312c' } as const;

/** A claim as a balance: what speaks against it left, for it right, each as wide as it pulls; the pointer stands at its chance. */
export function Balance({ claim }: { claim: Pick<WeighedClaim, 'marks' | 'posterior' | 'word'> }) {
  const pull = (m: BalanceMark) => Math.abs(Math.log(m.counted));
  const sides = [
    claim.marks.filter((m) => m.counted < 1).sort((a, b) => pull(b) - pull(a)),
    claim.marks.filter((m) => m.counted > 1).sort((a, b) => pull(b) - pull(a)),
  ] as const;
  const sum = (list: readonly BalanceMark[]) => list.reduce((s, m) => s + pull(m), 0);
  const scale = Math.max(FULL, sum(sides[0]), sum(sides[1]));
  const percent = Math.round(100 * claim.posterior);
  return (
    <div
      role="img"
      aria-label={`${CLAIM_WORD_WORDS[claim.word]}, ${percent} of 100: ${sides[0].length} marks against, ${sides[1].length} for`}
      className="grid gap-1"
    >
      <div className="flex h-7 items-stretch" aria-hidden="true">
        {([0, 1] as const).map((side) => (
          <div
            key={side}
            className={`flex w-1/2 bg-wash ${side === 0 ? 'flex-row-reverse border-r border-ink' : 'border-l border-ink'}`}
          >
            {sides[side].map((m, i) => (
              <span
                key={`${m.id} ${m.zone ?? ''} ${i}`}
                className="border border-paper"
                style={{ width: `${(100 * pull(m)) / scale}%`, background: side === 0 ? MARK.against : MARK.for }}
              />
            ))}
          </div>
        ))}
      </div>
      <div className="relative h-4" aria-hidden="true">
        <span className="absolute inset-x-0 top-1.5 border-t border-ink/50" />
        {[5, 25, 75, 95].map((p) => (
          <span key={p} className="absolute top-0.5 h-2.5 border-l border-ink/50" style={{ left: `${p}%` }} />
        ))}
        {claim.word !== 'untested' && (
          <span
            className="absolute top-0 size-4 -translate-x-1/2 rotate-45 border-2 border-ink bg-tape"
            style={{ left: `${Math.min(99, Math.max(1, percent))}%` }}
          />
        )}
      </div>
    </div>
  );
}

/** The marks of one side as words, the weightiest first; what shares its cause with them is not counted again. */
export function MarkList({ marks, place }: { marks: readonly BalanceMark[]; place: (zone: string) => ReactNode }) {
  const pull = (m: BalanceMark) => Math.abs(Math.log(m.counted));
  const counted = marks.filter((m) => m.counted !== 1).sort((a, b) => pull(b) - pull(a));
  const also = marks.filter((m) => m.counted === 1);
  const says = (m: BalanceMark) => (
    <>
      {capital(balanceText(m, ''))}
      {m.zone && !m.withheld && <>, {place(m.zone)}</>}
    </>
  );
  return (
    <>
      <ul className="grid gap-1.5 text-sm">
        {counted.map((m, i) => (
          <li key={`${m.id} ${m.zone ?? ''} ${i}`}>
            {says(m)}
            <span className="block text-xs text-soft">
              {ratioText(m.counted)}
              {m.sensitive ? '; were this wrong, the word would be another' : ''}
            </span>
          </li>
        ))}
      </ul>
      {also.length > 0 && (
        <details className="text-sm">
          <summary className="cursor-pointer py-1.5 text-soft">
            {also.length} more of the same cause, not counted again
          </summary>
          <ul className="grid gap-1 text-soft">
            {also.map((m, i) => (
              <li key={`${m.id} ${m.zone ?? ''} ${i}`}>{says(m)}</li>
            ))}
          </ul>
        </details>
      )}
    </>
  );
}
