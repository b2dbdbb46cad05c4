import { type RefObject, useCallback, useEffect, useMemo, useRef, useState } from 'react';
import type { View } from '@/core/body/zone';
import { recordsOf } from '@/core/records/reduce';
import { USUAL_CEILING_UM } from '@/ui/gauge-ceiling';
import { useCar, useLot, useStored } from '@/ui/records/inspection';
import { keepInMind, recall, WALK_ZONE } from '@/ui/walk-memory';
import type { Asking, Walking } from './walking';

/** Where the walk is, and how it moves on. Coming back to it, one is at the panel one left. */
export function useWalking(): Walking & { readonly lastLine: RefObject<string> } {
  const { plan } = useCar();
  const { facts } = useLot();
  const visit = useStored((s) => recordsOf(s.records, 'visit').at(-1));
  const [view, setView] = useState<View>('outside');
  const [zone, setZone] = useState(() => plan!.lap.outside.find((z) => z === 'hood') ?? plan!.lap.outside[0]!);
  const [place, setPlace] = useState<Walking['place']>(null);
  const [asking, setAsking] = useState<Asking>(null);
  // Asked by a key only: nothing is drawn anew for it.
  const lastLine = useRef('');
  const camera = useRef<(() => void) | null>(null);
  const go = useCallback(
    (to: string) => {
      const target = plan!.zones.get(to);
      if (!target) return;
      setZone(to);
      setView(target.view);
      setPlace(null);
      setAsking(null);
    },
    [plan],
  );
  const left = WALK_ZONE(facts.id);
  const recalled = useRef(false);
  useEffect(() => {
    const held = recalled.current ? null : recall(left);
    recalled.current = true;
    if (held) go(held);
    else keepInMind(left, zone);
  }, [left, zone, go]);
  const lap = plan!.lap[view];
  const ceilingUm = visit?.body.gauge?.ceilingUm ?? USUAL_CEILING_UM;
  const visitId = visit?.id ?? null;
  return useMemo(
    () => ({
      view,
      zone,
      place,
      lastLine,
      asking,
      ask: setAsking,
      camera,
      visit: visitId,
      ceilingUm,
      go,
      touch: setPlace,
      step: (by) => go(lap[(lap.indexOf(zone) + by + lap.length) % lap.length]!),
      show: (v) => plan!.lap[v].length > 0 && go(plan!.lap[v][0]!),
      remember: (line) => {
        lastLine.current = line;
      },
    }),
    [view, zone, place, asking, visitId, ceilingUm, go, lap, plan],
  );
}
