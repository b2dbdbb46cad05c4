'use client';

import { useEffect, useState } from 'react';
import { type CheckRun, checkRun } from '@/core/gauge/check-run';
import { correctionOf } from '@/core/gauge/correction';
import { GAUGE_LIMITS } from '@/core/gauge/limits';
import { Modal } from '@/ui/parts/modal';
import { useLot, useRecords } from '@/ui/records/inspection';
import type { GaugeHand } from './use-gauge';

const REFUSED: Readonly<Record<Extract<CheckRun, { ok: false }>['reason'], string>> = {
  'few-on-plate': `Hold the probe on the bare plate ${GAUGE_LIMITS.checkReadings} times.`,
  'unsteady-plate':
    'The readings on the plate scatter too much. Clean plate and probe, hold it square, start the plate again.',
  'no-foil': 'Say how thick the foil is.',
  'few-on-foil': `Lay the foil on the plate and measure it ${GAUGE_LIMITS.checkReadings} times.`,
  'unsteady-foil':
    'The readings on the foil scatter too much. Press the foil flat, hold the probe square, start the foil again.',
};

/** Foil whose thickness is proposed, µm. */
const USUAL_FOIL_UM = 125;

/** The gauge held on the bare plate and on a foil, step by step; the correction is shown before it is kept. */
export function GaugeCheck({ gauge, onClose }: { gauge: GaugeHand; onClose: () => void }) {
  const { store } = useLot();
  const visit = useRecords('visit').at(-1);
  const before = visit?.body.gauge?.checks ?? [];
  const [plate, setPlate] = useState<readonly number[]>([]);
  const [foil, setFoil] = useState<readonly number[]>([]);
  const [foilText, setFoilText] = useState(String(before.at(-1)?.foilUm ?? USUAL_FOIL_UM));
  const [typed, setTyped] = useState('');
  const [problem, setProblem] = useState('');
  const onPlate = plate.length < GAUGE_LIMITS.checkReadings;
  const foilUm = Number(foilText) > 0 ? Number(foilText) : null;
  const add = (um: number) => {
    if (!Number.isFinite(um)) return;
    if (onPlate) setPlate((p) => [...p, um]);
    else setFoil((f) => [...f, um]);
  };
  const { listen } = gauge;
  useEffect(() => {
    listen(add);
    return () => listen(null);
  });
  const run = checkRun(before.length === 0 ? 'start' : 'end', plate, foilUm, foil);
  const correction = run.ok ? correctionOf([...before, run.check]) : null;
  const keep = () => {
    if (!run.ok || !visit) return;
    const held = visit.body.gauge ?? {
      name: gauge.name,
      kind: 'combined' as const,
      ceilingUm: gauge.ceilingUm,
      checks: [],
    };
    const body = { ...visit.body, gauge: { ...held, checks: [...held.checks, run.check] } };
    const put = store.put([{ kind: 'visit', id: visit.id, body }]);
    if (put.ok) onClose();
    else setProblem(put.message);
  };
  return (
    <Modal title={before.length === 0 ? 'Check the gauge at the start' : 'Check the gauge again'} onClose={onClose}>
      <div className="grid gap-4">
        <Step
          number={1}
          name="Bare plate"
          now={onPlate}
          values={plate}
          onAgain={() => {
            setPlate([]);
          }}
        />
        <Step number={2} name="Foil on the plate" now={!onPlate && !run.ok} values={foil} onAgain={() => setFoil([])}>
          <label className="flex items-center gap-2 text-sm">
            Foil, µm
            <input
              className="field figure w-24"
              inputMode="numeric"
              value={foilText}
              onChange={(e) => setFoilText(e.target.value)}
            />
          </label>
        </Step>
        {gauge.onFoil ? (
          <button
            type="button"
            className="btn"
            disabled={run.ok}
            onClick={() => gauge.onFoil?.(onPlate ? 0 : (foilUm ?? USUAL_FOIL_UM))}
          >
            Hold the stand-in on the {onPlate ? 'plate' : 'foil'}
          </button>
        ) : (
          <form
            onSubmit={(e) => {
              e.preventDefault();
              if (typed.trim() !== '') add(Number(typed.replace(',', '.')));
              setTyped('');
            }}
          >
            <label className="flex items-center gap-2 text-sm">
              Press the gauge’s button, or type what it shows, µm
              <input
                className="field figure w-24"
                inputMode="decimal"
                value={typed}
                onChange={(e) => setTyped(e.target.value)}
              />
            </label>
          </form>
        )}
        <div role="status" className="min-h-14 text-sm">
          {!run.ok && <p>{REFUSED[run.reason]}</p>}
          {run.ok && correction?.ok && (
            <>
              <p>
                Readings are corrected by{' '}
                <strong className="figure">
                  × {correction.scale.toFixed(3)} {correction.offsetUm < 0 ? '−' : '+'}{' '}
                  {Math.abs(correction.offsetUm).toFixed(1)} µm
                </strong>
                , so that plate and foil read true.
              </p>
              {correction.driftUm !== null && (
                <p className={correction.drifted ? 'border-l-4 border-pin pl-2 font-semibold' : ''}>
                  Since the first check the foil moved by {correction.driftUm.toFixed(1)} µm
                  {correction.drifted ? ': the gauge drifted; the readings between are less sure than they look.' : '.'}
                </p>
              )}
            </>
          )}
          {run.ok && correction && !correction.ok && (
            <p className="border-l-4 border-pin pl-2">
              The gauge is further off than a working one. Check its battery, its plate and the foil’s thickness.
            </p>
          )}
          {!visit && <p>State the visit at intake first; the check is kept with it.</p>}
        </div>
        {problem && <p role="alert">{problem}</p>}
        <button type="button" className="btn btn-main" disabled={!run.ok || !correction?.ok || !visit} onClick={keep}>
          Keep the check
        </button>
      </div>
    </Modal>
  );
}

function Step({
  number,
  name,
  now,
  values,
  onAgain,
  children,
}: {
  number: number;
  name: string;
  now: boolean;
  values: readonly number[];
  onAgain: () => void;
  children?: React.ReactNode;
}) {
  return (
    <section
      aria-label={name}
      className={`grid gap-2 border-l-4 pl-3 ${now ? 'border-thread' : 'border-line'}`}
      aria-current={now ? 'step' : undefined}
    >
      <h3 className="flex min-h-9 items-center gap-2 font-bold">
        {number}. {name}
        {values.length > 0 && (
          <button type="button" className="btn btn-small ml-auto font-medium" onClick={onAgain}>
            Start again
          </button>
        )}
      </h3>
      {children}
      <p className="figure flex gap-3">
        {Array.from({ length: Math.max(GAUGE_LIMITS.checkReadings, values.length) }, (_, i) => (
          <span key={i} className="min-w-12 border-b-2 border-ink/40 text-center">
            {values[i] ?? ' '}
          </span>
        ))}
        <span className="font-sans text-sm text-soft">µm</span>
      </p>
    </section>
  );
}
