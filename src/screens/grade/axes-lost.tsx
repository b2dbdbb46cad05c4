'use client';

import { ChevronDown, ChevronRight } from 'lucide-react';
import { useState } from 'react';
import type { AxisGrade, Grade } from '@/core/grade/grade';
import { IntervalBand } from '@/ui/charts/interval-band';
import { useInspection } from '@/ui/records/inspection';
import { capital } from '@/words/capital';
import { AXIS_WORDS, gradeFigures, rankIsSaid } from '@/words/grade';
import type { ShowPlaces } from './grade';
import { Waterfall } from './waterfall';

const COLUMNS =
  'grid grid-cols-[minmax(0,1fr)_5rem_3rem] items-center gap-x-3 sm:grid-cols-[10.5rem_minmax(0,1fr)_4rem_3.2rem_4.2rem]';

function AxisRow({
  a,
  open,
  toggle,
  rank,
  limits,
}: {
  a: AxisGrade;
  open: boolean;
  toggle: () => void;
  rank: boolean;
  limits: readonly number[];
}) {
  const Chevron = open ? ChevronDown : ChevronRight;
  return (
    <button
      type="button"
      aria-expanded={open}
      onClick={toggle}
      className={`${COLUMNS} min-h-11 w-full py-1 text-left text-sm hover:bg-wash aria-expanded:bg-wash`}
    >
      <span className="flex items-center gap-1 font-semibold">
        <Chevron size={16} aria-hidden="true" className="shrink-0 text-soft" />
        <span>{capital(AXIS_WORDS[a.axis])}</span>
        {a.capped && <span className="text-xs font-normal text-pin">capped</span>}
      </span>
      <span className="order-last col-span-3 sm:order-none sm:col-span-1">
        <IntervalBand
          id={a.axis}
          grade={a.grade}
          limits={limits}
          label={`${AXIS_WORDS[a.axis]}: ${gradeFigures(a.grade)}`}
          height={16}
          capped={a.capped}
        />
      </span>
      <span className="figure text-right text-xs whitespace-nowrap">{gradeFigures(a.grade)}</span>
      <span className="text-right text-xs">{Math.round(a.seen * 100)} %</span>
      <span className="hidden text-right text-xs sm:block">
        {a.seen === 0 || !rank ? '–' : `${Math.round(a.forItsYears)} in 100`}
      </span>
    </button>
  );
}

/** Nine axes, each opening on what it lost. The worst one is open, so that the first thing read is what matters most. */
export function AxesLost({ grade, seen, show }: { grade: Grade; seen: number; show: ShowPlaces }) {
  const { facts } = useInspection();
  const worst = [...grade.axes].sort((a, b) => a.grade.value! - b.grade.value!)[0]!.axis;
  const [open, setOpen] = useState<string | null>(worst);
  const { bands, bandFromSeen } = facts.tables.grade;
  const limits = bands.map((b) => b.from).filter((f) => f > 0);
  return (
    <div className="sheet grid gap-1 p-4">
      <h2 className="text-lg font-bold">Nine axes and what each lost</h2>
      <div className={`${COLUMNS} text-xs font-semibold text-soft`} aria-hidden="true">
        <span className="pl-5">Axis</span>
        <span className="hidden sm:block">0 to 100</span>
        <span className="text-right">8 in 10</span>
        <span className="text-right">Seen</span>
        <span className="hidden text-right sm:block">For its years</span>
      </div>
      <ul>
        {grade.axes.map((a) => (
          <li key={a.axis} className="border-t border-line">
            <AxisRow
              a={a}
              open={open === a.axis}
              toggle={() => setOpen(open === a.axis ? null : a.axis)}
              rank={rankIsSaid(seen, bandFromSeen)}
              limits={limits}
            />
            {open === a.axis && <Waterfall axis={a} show={show} />}
          </li>
        ))}
      </ul>
    </div>
  );
}
