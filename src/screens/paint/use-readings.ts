import { useMemo, useState } from 'react';
import { toast } from 'sonner';
import { readReadingsCsv } from '@/core/csv/readings';
import type { BadRow } from '@/core/csv/rows';
import type { StoredRecord } from '@/core/kinds';
import { clip } from '@/core/records/clip';
import { recordsOf } from '@/core/records/reduce';
import { figureOf } from '@/core/units/figure';
import { toUm } from '@/core/units/thickness';
import { useInspection } from '@/ui/records/inspection';

export type ReadingRow = StoredRecord<'reading'>;

const rank = (r: ReadingRow) =>
  r.body.state === 'none' ? -1 : (r.body.thicknessUm ?? 0) + (r.body.state === 'over' ? 1e6 : 0);

/** The ways to sort readings: what each is called, and which of two stands first; null leaves them as they were entered. */
export const ORDERS = {
  entered: { name: 'as entered', by: null },
  panel: {
    name: 'by panel',
    by: (a: ReadingRow, b: ReadingRow) => a.body.zone.localeCompare(b.body.zone) || (a.id < b.id ? -1 : 1),
  },
  thickest: { name: 'thickest first', by: (a: ReadingRow, b: ReadingRow) => rank(b) - rank(a) },
} as const;
export type Order = keyof typeof ORDERS;

/** The readings of the lot in an order, and what a hand does to them: one corrected, many taken from a file. */
export function useReadings(ceilingUm: number) {
  const { state, store, plan } = useInspection();
  const [order, setOrder] = useState<Order>('entered');
  const rows = useMemo(() => {
    const all = [...recordsOf(state.records, 'reading')];
    const { by } = ORDERS[order];
    return by ? all.sort(by) : all;
  }, [state.records, order]);
  const visits = recordsOf(state.records, 'visit');
  const correct = (row: ReadingRow, text: string) => {
    const { typed } = row.body;
    if (text === typed.text) return;
    const value = figureOf(text);
    if (value === null) return;
    if (value === 'bad') return void toast(`“${text}” is no number. The reading stays as it was.`);
    const um = toUm(value, typed.unit);
    const gauge = visits.find((v) => v.id === row.body.visit)?.body.gauge;
    const ceiling = gauge?.ceilingUm ?? ceilingUm;
    // At the ceiling a gauge says only "at least".
    const shown =
      um >= ceiling ? { state: 'over' as const, thicknessUm: ceiling } : { state: 'read' as const, thicknessUm: um };
    const body = { ...row.body, ...shown, typed: { ...typed, text }, confirmed: false };
    const put = store.put([{ kind: 'reading', id: row.id, body, upon: row.version }]);
    if (!put.ok) toast(put.message);
  };
  /** Takes a file's readings, all of them or none: what is wrong with it is given back. */
  const take = (text: string, name: string): readonly BadRow[] => {
    const { readings, bad } = readReadingsCsv(text, { ceilingUm, zones: plan ? plan.zones.keys() : null });
    if (bad.length > 0) return bad;
    const now = new Date().toISOString();
    const put = store.put(
      readings.map(({ note, at, ...r }) => ({
        kind: 'reading' as const,
        body: {
          ...r,
          note: clip(note, 300),
          at: at ? new Date(at).toISOString() : now,
          visit: visits.at(-1)?.id ?? null,
          confirmed: true,
        },
      })),
    );
    toast(put.ok ? `${readings.length} readings taken from ${name}.` : put.message);
    return [];
  };
  return { rows, order, setOrder, correct, take };
}
