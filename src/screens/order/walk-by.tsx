import { Footprints } from 'lucide-react';
import { useRouter } from 'next/navigation';
import type { VisitOrder } from '@/core/days/visit-order';
import { useLot } from '@/ui/records/inspection';
import { deviceClock, useVisitPlan } from '@/ui/visit-plan';

/** Takes an order along: the walk shows its clocks today. */
export function WalkBy({ order }: { order: VisitOrder }) {
  const { facts } = useLot();
  const { keep } = useVisitPlan(facts.lot.id);
  const router = useRouter();
  const take = () => {
    keep({
      on: deviceClock(new Date()).day,
      stops: order.stops.map(({ station, from, to }) => ({ station, from, to })),
      done: [],
    });
    router.push(`/lots/${facts.lot.id}/walk`);
  };
  return (
    <button type="button" className="btn btn-main justify-self-start" onClick={take}>
      <Footprints size={16} aria-hidden="true" /> Walk by this order
    </button>
  );
}
