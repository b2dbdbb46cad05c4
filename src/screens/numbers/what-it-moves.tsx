'use client';

import type { Described } from '@/core/calibration/described';
import type { LotMoved } from '@/core/calibration/lot-moved';
import { LENSES } from '@/core/grade/tables';
import { capital } from '@/words/capital';

const FIGURES = {
  keeper: 'keeper',
  tourer: 'tourer',
  show: 'show',
  project: 'project',
  years: 'years',
  presents: 'clean from',
};
const WORTH_SHOWING = 0.5;

const told = (figure: string, v: number) => (figure === 'presents' ? `${v.toFixed(1)} m` : String(Math.round(v)));

/** The cars described by people, each figure with the range that it must lie in; those outside first. */
export function DescribedCars({ now, before }: { now: readonly Described[]; before: readonly Described[] }) {
  const all = now.flatMap((d) => d.figures);
  const out = all.filter((f) => !f.inRange).length;
  const sorted = [...now].sort(
    (a, b) => Number(a.figures.every((f) => f.inRange)) - Number(b.figures.every((f) => f.inRange)),
  );
  return (
    <section className="grid gap-2" aria-label="Described cars">
      <h2 className="text-lg font-bold">
        Described cars <span className="figure text-base">{all.length - out}</span> of{' '}
        <span className="figure text-base">{all.length}</span> as people grade them
      </h2>
      <ul className="grid gap-2">
        {sorted.map(({ car, figures }) => {
          const old = before.find((b) => b.car.id === car.id)?.figures;
          return (
            <li key={car.id} className="border-t border-line pt-1 text-sm">
              <p className="leading-tight">{car.says}</p>
              <ul className="flex flex-wrap gap-x-3 gap-y-0.5 text-xs">
                {figures.map((f) => {
                  const was = old?.find((o) => o.figure === f.figure)?.value ?? f.value;
                  const moved = Math.abs(was - f.value) >= (f.figure === 'presents' ? 0.05 : WORTH_SHOWING);
                  return (
                    <li key={f.figure} className={f.inRange ? '' : 'font-semibold text-pin'}>
                      {FIGURES[f.figure]}{' '}
                      <span className="figure">
                        {moved && `${told(f.figure, was)} → `}
                        {told(f.figure, f.value)}
                      </span>
                      {!f.inRange && ` outside ${f.range[0]} to ${f.range[1]}`}
                    </li>
                  );
                })}
              </ul>
            </li>
          );
        })}
      </ul>
    </section>
  );
}

/** The house's own lots, those that move most first. */
export function OwnLots({ lots }: { lots: readonly LotMoved[] }) {
  if (lots.length === 0)
    return <p className="text-sm">No open lot has a plan yet: there is nothing that could move.</p>;
  return (
    <section className="grid gap-2" aria-label="Own lots">
      <h2 className="text-lg font-bold">Our open lots, now → then</h2>
      <div className="overflow-x-auto">
        <table className="w-full text-sm">
          <thead>
            <tr>
              <th className="text-left font-semibold">Lot</th>
              {LENSES.map((l) => (
                <th key={l} className="text-right font-semibold">
                  {capital(l)}
                </th>
              ))}
            </tr>
          </thead>
          <tbody>
            {lots.map((m) => (
              <tr key={m.id} className="border-t border-line">
                <th scope="row" className="pr-2 text-left font-medium">
                  {m.number} {m.title}
                </th>
                {LENSES.map((l) => {
                  const [now, then] = [Math.round(m.now[l]), Math.round(m.after[l])];
                  return (
                    <td key={l} className={`figure text-right text-xs ${now === then ? 'text-soft' : 'font-semibold'}`}>
                      {now === then ? now : `${now}→${then}`}
                    </td>
                  );
                })}
              </tr>
            ))}
          </tbody>
        </table>
      </div>
    </section>
  );
}
