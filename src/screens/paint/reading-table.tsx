'use client';

import { useState } from 'react';
import { readingsCsv } from '@/core/csv/write-readings';
import { thicknessFigure, thicknessSign } from '@/core/units/thickness';
import { CsvTransfer } from '@/ui/parts/csv-transfer';
import { TakeOut } from '@/ui/parts/take-out';
import { useUnit, useWording } from '@/ui/preferences';
import { useCar, useInspection, useLot } from '@/ui/records/inspection';
import { momentText } from '@/words/dates';
import { zoneName } from '@/words/zones';
import { ORDERS, type Order, type ReadingRow, useReadings } from './use-readings';

const SHOWN = 60;

/** All readings as a table that can be sorted and corrected; CSV in and out. */
export function ReadingTable({ onPick, ceilingUm }: { onPick: (zone: string) => void; ceilingUm: number }) {
  const { facts, mayEdit } = useInspection();
  const unit = useUnit();
  const { rows, order, setOrder, correct, take } = useReadings(ceilingUm);
  const [shown, setShown] = useState(SHOWN);
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
          {Object.entries(ORDERS).map(([key, { name }]) => (
            <option key={key} value={key}>
              {name}
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
            <Row key={r.id} row={r} onPick={onPick} onCorrect={correct} />
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

/** A reading: where, as it was typed, as a thickness, when; corrected where it stands. */
function Row({
  row: r,
  onPick,
  onCorrect,
}: {
  row: ReadingRow;
  onPick: (zone: string) => void;
  onCorrect: (row: ReadingRow, text: string) => void;
}) {
  const { mayEdit } = useLot();
  const { car } = useCar();
  const wording = useWording(car?.steering);
  const unit = useUnit();
  const panel = zoneName(r.body.zone, wording);
  return (
    <tr className="border-t border-line">
      <td>
        <button
          type="button"
          className="min-h-9 text-left underline decoration-line underline-offset-4"
          onClick={() => onPick(r.body.zone)}
        >
          {panel}
        </button>
      </td>
      <td className="text-right">
        {mayEdit && r.body.state === 'read' ? (
          <input
            key={`${r.id}${r.version}`}
            className="figure min-h-9 w-20 rounded-cut border border-line bg-card px-2 text-right"
            defaultValue={r.body.typed.text}
            inputMode="decimal"
            aria-label={`Reading at ${panel}`}
            onBlur={(e) => onCorrect(r, e.target.value)}
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
        <TakeOut record={r.id} says={`Take reading ${r.body.typed.text} out`} />
      </td>
    </tr>
  );
}
