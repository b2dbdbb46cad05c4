'use client';

import { useMemo, useState } from 'react';
import { SCHOOLS, type School } from '@/core/catalogue/schools';
import { learntOf, stationMinutes } from '@/core/days/learnt';
import { stationsDone, stationWorth } from '@/core/days/station-worth';
import { SCHOOL_ORDER, STATION_TABLE, type StationId } from '@/core/days/stations';
import type { VisitAsked } from '@/core/days/visit-order';
import { schoolOf } from '@/core/photo/school';
import { timeOf } from '@/core/time/minutes';
import { NoPlanYet } from '@/ui/chapter/no-plan-yet';
import { usePreferences } from '@/ui/preferences';
import { useInspection, useRecords } from '@/ui/records/inspection';
import { useWorkerAnswer } from '@/ui/use-worker-answer';
import { capital } from '@/words/capital';
import { plural } from '@/words/plural';
import { SCHOOL_WORDS } from '@/words/standard-views';
import { stationName } from '@/words/stations';
import type { OrderAnswer, OrderQuestion } from '@/workers/visit-order.worker';
import { OrderTape } from './order-tape';
import { OrderWishes, type Wishes } from './order-wishes';
import { useOwnOrder } from './own-order';
import { useVisitTimes } from './use-visit-times';
import { WalkBy } from './walk-by';

const make = () => new Worker(new URL('../../workers/visit-order.worker.ts', import.meta.url), { type: 'module' });
/** The next whole quarter of an hour, minutes from midnight by the device's clock. */
function quarterFromNow(): number {
  const now = new Date();
  return Math.ceil((now.getHours() * 60 + now.getMinutes()) / 15) * 15;
}
const AN_AFTERNOON = 4 * 60;

/** In which order the visit's stations are taken, with clocks: what must come first, what uses the engine's warming, what is left out when late. */
export function Order() {
  const { judgement, grade, car } = useInspection();
  const visits = useRecords('visit');
  const said = schoolOf(visits);
  const { words } = usePreferences().preferences;
  const [wishes, setWishes] = useState<Wishes>(() => {
    const from = Math.min(quarterFromNow(), 20 * 60);
    return { school: null, from, until: Math.min(24 * 60, from + AN_AFTERNOON), out: null, spans: {} };
  });
  const school: School = wishes.school ?? said;
  const took = useVisitTimes();
  const ownOrder = useOwnOrder(school);
  const { own } = ownOrder;
  const done = useMemo(() => (judgement ? stationsDone(judgement) : []), [judgement]);
  const barred = useMemo((): StationId[] => (car?.leave.drive === 'yes' ? [] : ['road']), [car]);
  const out = useMemo(() => wishes.out ?? [...new Set([...done, ...barred])], [wishes.out, done, barred]);
  const question = useMemo((): Omit<OrderQuestion, 'id'> | null => {
    if (!judgement || !grade) return null;
    const worth = stationWorth(judgement, grade.unseenMovers);
    const minutes = stationMinutes(school, learntOf(took, school));
    const asked: VisitAsked = {
      school,
      from: wishes.from,
      until: wishes.until,
      without: out,
      spans: wishes.spans,
      minutes,
      ...(own && { order: own }),
    };
    return { asked, worth: Object.fromEntries(STATION_TABLE.map((s) => [s.id, worth(s.id)])) };
  }, [judgement, grade, school, wishes.from, wishes.until, wishes.spans, out, took, own]);
  const [answer] = useWorkerAnswer<Omit<OrderQuestion, 'id'>, OrderAnswer>(make, question);
  if (!judgement || !grade) return <NoPlanYet says="No order without a car: first say what it is." />;
  const order = answer?.order ?? answer?.late?.order ?? null;
  const late = answer?.late ?? null;
  const offered = SCHOOL_ORDER[school];
  return (
    <main className="min-h-0 flex-1 overflow-y-auto">
      <div className="mx-auto grid max-w-5xl items-start gap-5 p-4 lg:grid-cols-[1.3fr_1fr]">
        <section className="sheet grid gap-3 p-4" aria-label="Order of the visit" aria-live="polite">
          {!answer && <p>Finding the order…</p>}
          {answer && !order && (
            <p>
              {offered.length === out.length || out.length >= offered.length
                ? 'Every station of this working order is done or left out.'
                : 'Nothing fits into this time. Begin earlier, end later, or choose a shorter working order.'}
            </p>
          )}
          {late && late.drop.length > 0 && (
            <div className="grid gap-2 border-l-4 border-pin pl-3">
              <p>
                <strong>It does not all fit.</strong> Least is lost by leaving out:{' '}
                {late.drop.map((s) => stationName(s, words)).join('; ')}.
              </p>
              <button
                type="button"
                className="btn justify-self-start"
                onClick={() => setWishes({ ...wishes, out: [...out, ...late.drop] })}
              >
                Leave {late.drop.length === 1 ? 'it' : 'them'} out
              </button>
            </div>
          )}
          {order && order.stops.length > 0 && (
            <>
              <p className="font-head text-2xl font-bold">
                Done at {timeOf(order.ends)}
                <span className="text-base font-normal text-soft">
                  {' '}
                  {wishes.until - order.ends >= 1
                    ? `with ${plural(Math.floor(wishes.until - order.ends), 'minute')} to spare`
                    : ''}
                </span>
              </p>
              <OrderTape order={order} words={words} />
              <WalkBy order={order} />
              <p className="text-sm text-soft">
                {order.waited > 0
                  ? `${plural(Math.round(order.waited), 'minute')} of waiting. `
                  : 'No minute is waited. '}
                No order of these stations ends earlier, and none of those that end as early keeps more of “
                {own ? 'your own order' : SCHOOL_WORDS[school]}”. Local rules and the owner’s leave come before it.
              </p>
            </>
          )}
        </section>
        <OrderWishes
          wishes={{ ...wishes, out }}
          school={school}
          schools={SCHOOLS.map((s) => [s, capital(SCHOOL_WORDS[s])] as const)}
          done={done}
          barred={barred}
          words={words}
          ownOrder={ownOrder}
          onWishes={setWishes}
        />
      </div>
    </main>
  );
}
