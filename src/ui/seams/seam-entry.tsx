'use client';

import { type FormEvent, useState } from 'react';
import { notches } from '@/core/fit/seams';
import { STATION_LIMITS } from '@/core/fit/station-limits';
import { GAP_TOOLS, type GapTool } from '@/core/kinds/gap';
import { figureOf } from '@/core/units/figure';
import { BY_WORDS } from '@/words/fit';
import { zoneWords } from '@/words/zones';
import { useWording } from '../preferences';
import { useCar, useLot } from '../records/inspection';

type Typed = { readonly ok: true; readonly mm: number[] } | { readonly ok: false; readonly says: string };

/** Figures with spaces between them, each within what a seam can have. */
export function figuresTyped(text: string, least: number, most: number): Typed {
  const words = text.trim().split(/\s+/).filter(Boolean);
  const mm = words.map(figureOf);
  const bad = words[mm.findIndex((v) => v === 'bad' || v === null || v < least || v > most)];
  return bad === undefined
    ? { ok: true, mm: mm as number[] }
    : { ok: false, says: `“${bad}” cannot be right there. Nothing was kept.` };
}

const signed = (mm: number | undefined, sign: 1 | -1): number | null => (mm === undefined ? null : sign * mm + 0);

const TYPED_TOOLS = GAP_TOOLS.filter((t): t is Exclude<GapTool, 'photo'> => t !== 'photo');

/** Gaps and flushness typed along one seam, from its front or its top, evenly spread over it; flush of the zone in hand. */
export function SeamEntry({ seam, zone }: { seam: string; zone?: string }) {
  const { store } = useLot();
  const { plan, car } = useCar();
  const wording = useWording(car?.steering);
  const [first] = plan!.seams.get(seam)!.zones;
  // The record tells flushness of the first zone of the slug; a person tells it of the panel in hand.
  const of = zone ?? first;
  const sign = of === first ? 1 : -1;
  const [gaps, setGaps] = useState('');
  const [flush, setFlush] = useState('');
  const [by, setBy] = useState<(typeof TYPED_TOOLS)[number]>('feeler');
  const [problem, setProblem] = useState('');
  const keep = (e: FormEvent) => {
    e.preventDefault();
    const widths = figuresTyped(gaps, 0, STATION_LIMITS.widestMm);
    const steps = figuresTyped(flush, -STATION_LIMITS.flushMm, STATION_LIMITS.flushMm);
    if (!widths.ok) return setProblem(widths.says);
    if (!steps.ok) return setProblem(steps.says);
    const count = Math.max(widths.mm.length, steps.mm.length);
    if (count === 0) return setProblem('Type what was measured, in mm, with spaces between: 4.2 4.5 5.1.');
    if (widths.mm.length > 0 && steps.mm.length > 1 && steps.mm.length !== widths.mm.length)
      return setProblem(`${steps.mm.length} flush for ${widths.mm.length} gaps: one for all, or one each.`);
    const stations = notches(plan!.seams.get(seam)!.lengthMm, count).map((sMm, i) => ({
      sMm,
      gapMm: widths.mm[i] ?? null,
      flushMm: signed(steps.mm[steps.mm.length === 1 ? 0 : i], sign),
    }));
    const put = store.put([{ kind: 'gap', body: { seam, by, stations, at: new Date().toISOString() } }]);
    if (!put.ok) return setProblem(put.message);
    setProblem('');
    setGaps('');
    setFlush('');
  };
  const field = (label: string, value: string, set: (v: string) => void, hint: string) => (
    <label className="grid min-w-0 gap-1 text-xs font-semibold">
      {label}
      <input
        className="field figure"
        inputMode="decimal"
        placeholder={hint}
        value={value}
        onChange={(e) => set(e.target.value)}
      />
    </label>
  );
  return (
    <form onSubmit={keep} className="grid gap-2">
      <div className="grid grid-cols-[2fr_1fr] gap-2">
        {field('Gaps along it, mm', gaps, setGaps, '4.2 4.5 5.1')}
        {field('Flush, mm', flush, setFlush, '+1')}
        <p className="col-span-2 text-xs text-soft">Flush above 0: {zoneWords(of, wording)} stands proud.</p>
      </div>
      <div className="flex items-end gap-2">
        <label className="grid flex-1 gap-1 text-xs font-semibold">
          By
          <select className="field font-normal" value={by} onChange={(e) => setBy(e.target.value as typeof by)}>
            {TYPED_TOOLS.map((t) => (
              <option key={t} value={t}>
                {BY_WORDS[t]}
              </option>
            ))}
          </select>
        </label>
        <button type="submit" className="btn">
          Keep gaps
        </button>
      </div>
      {problem && (
        <p role="alert" className="text-sm">
          {problem}
        </p>
      )}
    </form>
  );
}
