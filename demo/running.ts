import { DEFAULT_FUNCTIONS } from '../src/core/catalogue/functions';
import { functionsOf, isAsked } from '../src/core/functions/list';
import type { BodyOf } from '../src/core/kinds';
import { type EngineTruth, madeLog, SOUND_ENGINE } from '../src/instruments/running-engine';
import type { DemoVisit } from './visit';

/** How a demo car runs: hidden truth of its engine, and what was noted. */
export interface DemoRun {
  readonly gear?: readonly (readonly [part: string, found: object])[];
  readonly fluids: readonly (readonly [fluid: string, seen: object])[];
  readonly starts: readonly object[];
  /** The engine as it really is; absent: it was not run. */
  readonly engine?: Partial<EngineTruth>;
  /** Places and how wet they were. */
  readonly wet: readonly (readonly [
    place: string,
    amount: string,
    fluid: string | null,
    when?: string,
    load?: string,
  ])[];
  /** Functions that do not simply work, by slug; the others were found working. Absent: nobody tried any. */
  readonly functions?: Readonly<Record<string, object>>;
  /** How the other functions were found, where not working. */
  readonly others?: object;
  readonly gate?: Readonly<Record<string, 'yes' | 'no'>>;
  readonly drive?: object;
}

/** Enters how a car ran on the visit: fluids, starts, the log of the idle, leaks, functions, the road test. */
export function enterRun(v: DemoVisit, car: BodyOf<'car'>, run: DemoRun, lot: number): void {
  for (const [fluid, seen] of run.fluids) v.fluids.set(fluid, v.put('fluid', { fluid, ...seen, at: v.at() }));
  for (const [part, found] of run.gear ?? []) v.put('mech', { part, ...found, at: v.at() });
  const turned = v.at();
  v.turnedAt = turned;
  for (const start of run.starts) v.put('start', { turnedAt: turned, ...start, at: v.at() });
  if (run.engine)
    v.put('log', {
      startedAt: turned,
      by: 'hand',
      points: madeLog({ ...SOUND_ENGINE, ...run.engine }, 18, 45, lot),
      at: v.at(),
    });
  for (const [place, amount, fluid, when, load] of run.wet)
    v.put('wet', { place, amount, fluid, when: when ?? 'after', load: load ?? null, at: v.at() });
  if (run.functions) {
    const lines = functionsOf(v.plan, [], car, DEFAULT_FUNCTIONS);
    const odd = Object.keys(run.functions).find((id) => !lines.some((l) => l.id === id));
    if (odd) throw new Error(`the demo names a function that the car does not have: ${odd}`);
    for (const l of lines) {
      const said = run.functions[l.id];
      if (said || isAsked(l))
        v.put('tried', { function: l.id, zone: l.zone, state: 'works', ...(said ?? run.others), at: v.at() });
    }
  }
  if (run.gate) v.put('road', { gate: run.gate, driven: run.drive !== undefined, ...run.drive, at: v.at() });
}
