import { useCallback, useEffect, useRef, useState } from 'react';
import { toast } from 'sonner';
import { distanceToOutline } from '@/core/body/geometry';
import { toSheet } from '@/core/body/plan';
import type { GaugeError, GaugeEvent } from '@/core/gauge/line-protocol';
import { recordsOf } from '@/core/records/reduce';
import { practiceCar } from '@/instruments/practice-car';
import { StandInGauge, SURVEY_GAUGE } from '@/instruments/thickness-gauge';
import { askServer } from '@/ui/ask-server';
import { openSerialGauge } from '@/ui/gauge/serial';
import { usePreferences } from '@/ui/preferences';
import { useCar, useLot } from '@/ui/records/inspection';
import { type HeldTo, isShown, readingOf, shownText, shownUm } from './gauge-reading';
import type { Walking } from './walking';

const ERROR_WORDS: Readonly<Record<GaugeError, string>> = {
  cold: 'Too cold: many gauges stop below 5 °C.',
  battery: 'The battery is empty.',
  probe: 'The probe is not square, or at an edge. Measure again.',
  base: 'This gauge cannot read on this metal.',
};

/** The same practice car for a lot each time. */
const seedOf = (id: string) => [...id].reduce((s, c) => (s * 31 + c.charCodeAt(0)) >>> 0, 7);

export interface GaugeHand {
  readonly connected: boolean;
  readonly practice: boolean;
  readonly name: string;
  readonly ceilingUm: number;
  readonly battery: number | null;
  readonly says: string;
  readonly openStandIn: () => void;
  readonly openSerial: () => Promise<void>;
  readonly close: () => void;
  readonly repeat: (() => void) | null;
  /** Told that a place was touched: a stand-in measures there. */
  readonly touch: (zone: string, uMm: number, vMm: number) => void;
  /** While someone listens, values go there and make no readings: for the check on plate and foil. */
  readonly listen: (to: ((um: number) => void) | null) => void;
  /** A stand-in held on a foil of that thickness; 0 is the bare plate. Null for a real gauge. */
  readonly onFoil: ((foilUm: number) => void) | null;
}

interface GaugeConnection {
  readonly standIn: StandInGauge | null;
  readonly name: string;
  readonly ceilingUm: number;
}

/** The thickness gauge in hand and what it tells; each value becomes a reading at the place touched. */
export function useGauge(walking: Walking): GaugeHand {
  const { facts, store, mayEdit } = useLot();
  const { plan } = useCar();
  const { preferences } = usePreferences();
  const [held, setHeld] = useState<GaugeConnection | null>(null);
  const [battery, setBattery] = useState<number | null>(null);
  const [says, setSays] = useState('');
  const last = useRef<{ zone: string; uMm: number; vMm: number } | null>(null);
  const listener = useRef<((um: number) => void) | null>(null);
  const here = useRef(walking);
  useEffect(() => {
    here.current = walking;
  });
  // The connection itself: what the gauge says of itself changes what is shown, not whether it is open.
  const hangUp = useRef<(() => void) | null>(null);
  useEffect(() => () => hangUp.current?.(), []);

  const take = useCallback(
    (event: GaugeEvent, at: HeldTo, practice: boolean) => {
      if (event.kind === 'battery') setBattery(event.percent);
      if (event.kind === 'hello')
        setHeld((h) => ({ standIn: h?.standIn ?? null, name: event.name, ceilingUm: event.ceilingUm }));
      if (event.kind === 'error') setSays(ERROR_WORDS[event.why]);
      if (!isShown(event)) return;
      if (listener.current) {
        if (event.kind === 'read') listener.current(shownUm(event)!);
        return;
      }
      const body = readingOf(event, at, practice, here.current.visit, new Date());
      const put = store.put([{ kind: 'reading', body }]);
      if (!put.ok) toast(put.message);
      // The next reading stands elsewhere, unless it is touched again.
      else if (!practice) here.current.touch(null);
      setSays(shownText(event));
    },
    [store],
  );
  const close = useCallback(() => {
    hangUp.current?.();
    hangUp.current = null;
    setHeld(null);
    setSays('');
    setBattery(null);
    last.current = null;
  }, []);
  const measure = (zone: string, uMm: number, vMm: number) => {
    const standIn = held?.standIn;
    const planned = plan?.zones.get(zone);
    if (!standIn || !planned || !mayEdit) return;
    last.current = { zone, uMm, vMm };
    if (facts.practice?.kind === 'car') {
      // The truth of a practice car stays with the server until it is closed.
      void askServer(`/api/v1/lots/${facts.lot.id}/practice/measure`, 'POST', { zone, uMm, vMm }).then((answer) => {
        if (answer.ok) take(answer.body.event as GaugeEvent, { zone, place: { uMm, vMm } }, true);
        else setSays(answer.message);
      });
      return;
    }
    const edge = distanceToOutline(planned.outline, toSheet(planned, { uMm, vMm }));
    take(standIn.measure(zone, uMm, vMm, edge), { zone, place: { uMm, vMm } }, true);
    take(standIn.battery(), { zone, place: null }, true);
  };
  const openStandIn = () => {
    const visit = recordsOf(store.snapshot().records, 'visit').at(-1)?.body;
    const standIn = new StandInGauge(practiceCar(plan!, seedOf(facts.lot.id)), {
      ...SURVEY_GAUGE,
      seed: (seedOf(facts.id) + Date.now()) >>> 0,
      temperatureC: visit?.temperatureC ?? null,
    });
    setHeld({ standIn, name: SURVEY_GAUGE.name, ceilingUm: SURVEY_GAUGE.ceilingUm });
    take(standIn.battery(), { zone: walking.zone, place: null }, true);
  };
  const openSerial = async () => {
    try {
      const stop = await openSerialGauge(
        preferences.unit,
        (event) => take(event, { zone: here.current.zone, place: here.current.place }, false),
        () => {
          close();
          toast('The gauge is gone. What it told is kept.');
        },
      );
      hangUp.current = stop;
      // It may have said its name and ceiling before this line.
      setHeld((h) => h ?? { standIn: null, name: 'Gauge', ceilingUm: walking.ceilingUm });
    } catch {
      toast('No gauge was opened.');
    }
  };
  const standing = held?.standIn ?? null;
  return {
    connected: held !== null,
    practice: standing !== null,
    name: held?.name ?? '',
    ceilingUm: held?.ceilingUm ?? walking.ceilingUm,
    battery,
    says,
    openStandIn,
    openSerial,
    close,
    repeat: standing ? () => last.current && measure(last.current.zone, last.current.uMm, last.current.vMm) : null,
    touch: measure,
    listen: (to) => {
      listener.current = to;
    },
    onFoil: standing ? (foilUm) => take(standing.onFoil(foilUm), { zone: walking.zone, place: null }, true) : null,
  };
}
