import type { Metal } from '@/core/body/zone';
import type { PracticeOutcome } from '@/core/practice/outcome';
import type { PracticeRow } from '@/core/practice/practice-row';
import { ReaderMenu } from '@/ui/parts/reader-menu';
import { PlainPage } from '@/ui/shell/plain-page';
import { dayText } from '@/words/dates';
import { Compared } from './compared';
import { Debriefed } from './debriefed';

/** What came of a closed practice lot. */
export function Came({
  row,
  outcome,
  car,
  currency,
}: {
  row: Omit<PracticeRow, 'outcome'>;
  outcome: PracticeOutcome;
  car: { readonly style: string; readonly metal: Metal } | null;
  currency: string;
}) {
  return (
    <PlainPage
      title={outcome.kind === 'car' ? `Practice car ${row.course}: the truth` : `${row.title}: two looks`}
      about={`${row.title}, ${row.person.name}, ${dayText(row.startedAt)}`}
      width="table"
      menu={
        <>
          <a href="/practice" className="btn btn-small">
            Practice
          </a>
          <ReaderMenu compact />
        </>
      }
    >
      {outcome.kind === 'car' && car ? (
        <Debriefed
          debrief={outcome.debrief}
          minutesUsed={outcome.minutesUsed}
          minutes={row.minutes}
          car={car}
          currency={currency}
        />
      ) : null}
      {outcome.kind === 'second' && (
        <Compared agreement={outcome.agreement} first={outcome.first} second={outcome.second} />
      )}
    </PlainPage>
  );
}
