'use client';

import { daysPlanSchema } from '@/core/days/days-plan';
import { ReaderMenu } from '@/ui/parts/reader-menu';
import { PlainPage } from '@/ui/shell/plain-page';
import { told } from '@/ui/told';
import { plural } from '@/words/plural';
import { DaysBoard } from './days-board';
import { DaysFeed } from './days-feed';
import { DaysUnder } from './days-under';
import { type DaysGiven, useDays } from './use-days';

interface Props extends Omit<DaysGiven, 'timeZone'> {
  readonly sale: {
    readonly id: string;
    readonly name: string;
    readonly place: string;
    readonly opensOn: string | null;
    readonly timeZone: string;
  };
  readonly mayKeep: boolean;
  /** Under which address calendars follow it; null: none. */
  readonly feed: string | null;
}

/** Who visits which lots of a sale on which days: planned, moved by hand, kept as people were told. */
export function Days({ sale, mayKeep, feed, ...given }: Props) {
  const days = useDays({ ...given, timeZone: sale.timeZone });
  const { plan, shown, learnt, set } = days;
  const { lots, today, kept } = given;
  return (
    <PlainPage
      title="Days"
      about={`${sale.name}${sale.place ? `, ${sale.place}` : ''}`}
      width="table"
      menu={<ReaderMenu compact />}
    >
      <DaysUnder plan={plan} days={days.days} learnt={learnt} lots={lots} set={set} />
      <div className="flex flex-wrap gap-2">
        <button type="button" className="btn btn-main" disabled={plan.opens >= plan.closes} onClick={days.planAnew}>
          Plan it
        </button>
        {shown.visits.length > 0 && (
          <button type="button" className="btn" onClick={days.goOn}>
            Go on from now
          </button>
        )}
      </div>
      <Standing days={days} lots={lots.length} />
      <DaysBoard
        plan={shown}
        light={days.light}
        hours={days.hours}
        onWet={days.setWet}
        timed={days.timed}
        days={days.days}
        today={today}
        lots={days.open}
        unplanned={days.unplanned}
        sale={sale}
        onMove={days.move}
      />
      {mayKeep && (
        <button
          type="button"
          className="btn btn-main justify-self-start"
          disabled={!daysPlanSchema.safeParse(shown).success}
          onClick={() => void told(`/api/v1/sales/${sale.id}/days`, 'PUT', shown, 'Kept: so people are told.')}
        >
          Keep this plan
        </button>
      )}
      {mayKeep && kept && <DaysFeed saleId={sale.id} token={feed} inspectors={kept.inspectors} />}
    </PlainPage>
  );
}

/** How the plan stands: what is planned, what is late, what days gone by left undone, what going on moved. */
function Standing({ days, lots }: { days: ReturnType<typeof useDays>; lots: number }) {
  const { planning, shown, unplanned, late, bound, missed, moved, open } = days;
  return (
    <>
      <p aria-live="polite">
        {planning
          ? 'Planning…'
          : shown.visits.length === 0
            ? `${plural(lots, 'lot')} to visit. Nothing is planned yet.`
            : `${plural(shown.visits.length, 'visit')}, ${plural(unplanned.length, 'lot')} without one, ${late === 0 ? 'none late' : `${late} late`}.${
                bound > 0 ? ` ${bound} would be late whatever is done.` : ''
              }`}
      </p>
      {missed > 0 && (
        <p className="border-l-4 border-pin bg-card px-4 py-2">
          <strong>{plural(missed, 'visit')} of days gone by</strong> {missed === 1 ? 'was' : 'were'} not made, or the
          report is not sealed. <em className="font-semibold not-italic">Go on from now</em> finds room, and moves as
          little of the rest as can be.
        </p>
      )}
      {moved && (
        <p role="status" className="border-l-4 border-thread bg-card px-4 py-2">
          {moved.length === 0
            ? 'All goes on as people were told.'
            : `${plural(moved.length, 'visit')} moved: ${moved.map((id) => `lot ${open.get(id)?.number}`).join(', ')}. Tell who has them, then keep the plan.`}
        </p>
      )}
    </>
  );
}
