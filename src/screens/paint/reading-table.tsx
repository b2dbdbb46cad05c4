'use client';

import { Trash2 } from 'lucide-react';
import { useMemo, useState } from 'react';
import { toast } from 'sonner';
import { readReadingsCsv } from '@/core/csv/readings';
import { readingsCsv } from '@/core/csv/write-readings';
import type { StoredRecord } from '@/core/kinds';
import { clip } from '@/core/records/clip';
import { recordsOf } from '@/core/records/reduce';
import { figureOf } from '@/core/units/figure';
import { thicknessFigure, thicknessSign, toUm } from '@/core/units/thickness';
import { CsvTransfer } from '@/ui/parts/csv-transfer';
import { useUnit, useWording } from '@/ui/preferences';
import { useInspection } from '@/ui/records/inspection';
import { momentText } from '@/words/dates';
import { zoneName } from '@/words/zones';

type Row = StoredRecord<'reading'>;
type Order = 'entered' | 'panel' | 'thickest';
const ORDERS: Readonly<Record<Order, string>> = {
  entered: 'as entered',
  panel: 'by panel',
  thickest: 'thickest first',
};
const SHOWN = 60;

const rank = (r: Row) =>
  r.body.state === 'none' ? -1 : (r.body.thicknessUm ?? 0) + (r.body.state === 'over' ? 1e6 : 0);

/** All readings as a table that can be sorted and corrected; CSV in and out. */
export function ReadingTable({ onPick, ceilingUm }: { onPick: (zone: string) => void; ceilingUm: number }) {
  const { state, store, plan, facts, mayEdit, car } = useInspection();
  const wording = useWording(car?.steering);
  const unit = useUnit();
  const [order, setOrder] = useState<Order>('entered');
  const [shown, setShown] = useState(SHOWN);
  const rows = useMemo(() => {
    const all = [...recordsOf(state.records, 'reading')];
    if (order === 'panel') all.sort((a, b) => a.body.zone.localeCompare(b.body.zone) || (a.id < b.id ? -1 : 1));
    if (order === 'thickest') all.sort((a, b) => rank(b) - rank(a));
    return all;
  }, [state.records, order]);
  const visits = recordsOf(state.records, 'visit');
  const correct = (row: Row, text: string) => {
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
  const take = (text: string, name: string) => {
    const { readings, bad } = readReadingsCsv(text, {
      ceilingUm,
      zones: plan ? plan.zones.keys() : null,
    });
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
  return (
    <section className="grid gap-2 p-4" aria-label="All readings">
      <div className="flex flex-wrap items-center gap-2">
        <h2 className="flex-1 text-lg font-bold">{rows.length} readings</h2>
        <select
          className="field w-auto"
          value={order}
          aria-label="Order of the readings"
          onChange={(e) => setOrder(e.target.value as Order)}
        >
          {Object.entries(ORDERS).map(([key, label]) => (
            <option key={key} value={key}>
              {label}
            </option>
          ))}
        </select>
        <CsvTransfer
          what="Readings"
          fileName={`lot-${facts.lot.number}-readings.csv`}
          text={() => readingsCsv(rows.map((r) => r.body))}
          take={mayEdit ? take : null}
        />
      </div>
      <table className="w-full text-sm">
        <thead>
          <tr className="text-left text-xs text-soft">
            <th className="py-1 font-semibold">Panel</th>
            <th className="text-right font-semibold">Typed</th>
            <th className="text-right font-semibold">{thicknessSign(unit)}</th>
            <th className="pl-3 font-semibold max-sm:hidden">When</th>
            <th className="w-11">
              <span className="sr-only">Take out</span>
            </th>
          </tr>
        </thead>
        <tbody>
          {rows.slice(0, shown).map((r) => (
            <tr key={r.id} className="border-t border-line">
              <td>
                <button
                  type="button"
                  className="min-h-9 text-left underline decoration-line underline-offset-4"
                  onClick={() => onPick(r.body.zone)}
                >
                  {zoneName(r.body.zone, wording)}
                </button>
              </td>
              <td className="text-right">
                {mayEdit && r.body.state === 'read' ? (
                  <input
                    key={`${r.id}${r.version}`}
                    className="figure min-h-9 w-20 rounded-cut border border-line bg-card px-2 text-right"
                    defaultValue={r.body.typed.text}
                    inputMode="decimal"
                    aria-label={`Reading at ${zoneName(r.body.zone, wording)}`}
                    onBlur={(e) => correct(r, e.target.value)}
                    onKeyDown={(e) => e.key === 'Enter' && e.currentTarget.blur()}
                  />
                ) : (
                  <span className="figure">{r.body.state === 'none' ? 'nothing' : r.body.typed.text}</span>
                )}
              </td>
              <td className="figure text-right">
                {r.body.thicknessUm === null
                  ? '–'
                  : `${r.body.state === 'over' ? '≥ ' : ''}${thicknessFigure(r.body.thicknessUm, unit)}`}
              </td>
              <td className="pl-3 text-soft max-sm:hidden">{momentText(r.body.at)}</td>
              <td>
                {mayEdit && (
                  <button
                    type="button"
                    className="grid size-11 place-items-center"
                    aria-label={`Take reading ${r.body.typed.text} out`}
                    onClick={() => store.remove(r.id)}
                  >
                    <Trash2 size={15} aria-hidden="true" />
                  </button>
                )}
              </td>
            </tr>
          ))}
        </tbody>
      </table>
      {rows.length > shown && (
        <button type="button" className="btn" onClick={() => setShown(shown + 10 * SHOWN)}>
          Show more of {rows.length}
        </button>
      )}
    </section>
  );
}
