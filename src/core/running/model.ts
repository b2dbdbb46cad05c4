import { DEFAULT_SIGNS, type Sign, type SignTable, signTableSchema } from '../catalogue/drive-signs';
import type { RoadItem } from '../catalogue/run-words';
import { findings } from '../findings/model';
import { fluids } from '../fluids/model';
import { functions } from '../functions/model';
import { leaks } from '../leaks/model';
import { type JudgedMechanical, mechanical } from '../mechanical/model';
import { defineModel, type Loss, lacking, lackingIf, type PlannedCar } from '../model/model';
import { defineTable, type TableDefinition } from '../model/table';
import { takenTogether } from '../model/together';
import { recordsOf } from '../records/reduce';
import { type JudgedWheels, wheels } from '../wheels/model';
import { rollingM, tireSizeOf } from '../wheels/tire-size';
import { type DriveContext, likelySources } from './drive-signs';
import { type Forbid, roadGate } from './gate';
import { analyseLog, type LogPoint } from './log-analysis';
import { bandsOf, type LogTable, logTable } from './log-table';
import { judgeStarts } from './start';

/** What a fault of the start or the drive takes of the engine's function, as a share of redoing it; house values. */
const START_TAKES = {
  slowTwice: 0.02,
  oil: 0.12,
  coolant: 0.2,
  rich: 0.03,
  grave: 0.3,
  small: 0.02,
  blowBy: 0.12,
} as const;
const ROAD_TAKES = { poor: 0.02, bad: 0.06 } as const;

/** Items of the drive that say the same as something felt: it is not taken twice. */
const SAID_BY: Readonly<Partial<Record<Sign, RoadItem>>> = {
  vibration: 'no-vibration',
  whine: 'axle-quiet',
  rumble: 'bearings-quiet',
  roar: 'exhaust-quiet',
};

/** What is on record that speaks for or against what is felt on the road. */
function driveContext(mech: JudgedMechanical, { tires }: JudgedWheels, t: SignTable): DriveContext {
  const sizes = tires.flatMap((x) => {
    const size = x.zone === null ? null : tireSizeOf(x.body.size, t.rolling);
    return size ? [rollingM(size, t.rolling.perDiameter)] : [];
  });
  return {
    parts: new Map(mech.lines.flatMap((l) => (l.record ? [[l.id, l.record.body.state] as const] : []))),
    tireFaults: new Set(tires.filter((x) => x.zone !== null).flatMap((x) => x.body.faults)),
    rollingM: sizes.length === 0 ? null : sizes.reduce((a, b) => a + b, 0) / sizes.length,
  };
}

/** How it starts, runs and drives. */
export const running = defineModel({
  reads: ['start', 'log', 'road', 'finding'],
  needs: { findings, fluids, functions, leaks, mechanical, wheels },
  tables: {
    runningBands: logTable as TableDefinition<LogTable>,
    driveSigns: defineTable<SignTable>({ stored: 'drive-signs', schema: signTableSchema, defaults: DEFAULT_SIGNS }),
  },
  judge: ({ records, car }: PlannedCar, { runningBands: t, driveSigns }, needs) => {
    const starts = judgeStarts(recordsOf(records, 'start'));
    const logs = recordsOf(records, 'log');
    const runs = [...new Set(logs.map((l) => l.body.startedAt))].sort();
    // Of several runs the longest tells.
    const pointsOf = (startedAt: string): LogPoint[] =>
      logs.filter((l) => l.body.startedAt === startedAt).flatMap((l) => l.body.points);
    const points = runs.map(pointsOf).sort((a, b) => b.length - a.length)[0] ?? [];
    const bands = bandsOf(car?.make ?? '', t);
    const road = recordsOf(records, 'road')[0]?.body ?? null;
    const forbids: Forbid[] = [
      ...(needs.findings.structural.length > 0 ? ['structure' as const] : []),
      ...(needs.findings.unsafeBrakes ? ['brakes' as const] : []),
      ...(needs.mechanical.unsafe.length > 0 ? ['running-gear' as const] : []),
      ...(needs.findings.fuelLeaks || needs.leaks.fuel ? ['fuel' as const] : []),
      ...(needs.fluids.stop.length > 0 ? ['fluid' as const] : []),
      ...(needs.wheels.notReliedOn.length > 0 ? ['tires' as const] : []),
      ...(needs.functions.dead.some((l) => l.of.safety) ? ['safety-function' as const] : []),
      ...(car?.leave.drive === 'no' ? ['leave' as const] : []),
      ...(starts.doesNotRun ? ['does-not-run' as const] : []),
    ];
    const onRecord = driveContext(needs.mechanical, needs.wheels, driveSigns);
    const wrong = (Object.entries(road?.items ?? {}) as [RoadItem, string][]).filter(([, s]) => s !== 'good');
    return {
      starts,
      bands,
      points,
      log: points.length > 0 ? analyseLog(points, bands, t) : null,
      road,
      gate: roadGate(road, forbids),
      wrong,
      felt: (road?.felt ?? []).map((f) => ({
        felt: f,
        sources: likelySources(f, onRecord, driveSigns),
      })),
      table: t,
      signs: driveSigns,
    };
  },
  losses: ({ starts: s, log, wrong, felt, table: t, signs }): readonly Loss[] => {
    const smoke = (m: string) => s.smoke.some((x) => x.means === m);
    const shares = [
      s.slowTwice ? START_TAKES.slowTwice : 0,
      smoke('oil') ? START_TAKES.oil : 0,
      smoke('coolant') ? START_TAKES.coolant : 0,
      smoke('rich') ? START_TAKES.rich : 0,
      s.blowBy === 'strong' ? START_TAKES.blowBy : 0,
      ...s.noises.map((n) => (s.grave.includes(n) ? START_TAKES.grave : START_TAKES.small)),
      log?.thermostat.ok && log.thermostat.verdict !== 'in-band'
        ? log.thermostat.verdict === 'climbs'
          ? t.takes.hot
          : t.takes.thermostat
        : 0,
      log?.oil.ok && (log.oil.verdict === 'low' || log.oil.verdict === 'does-not-rise') ? t.takes.oil : 0,
      log?.charging.ok && log.charging.verdict !== 'in-band' ? t.takes.charging : 0,
      ...wrong.map(([, state]) => (state === 'bad' ? ROAD_TAKES.bad : ROAD_TAKES.poor)),
      ...felt.filter(({ felt: f }) => !wrong.some(([item]) => item === SAID_BY[f.what])).map(() => signs.takes),
    ];
    const share = takenTogether(shares);
    return share > 0 ? [{ zone: 'engine', aspect: 'function' as const, share, as: 'running' }] : [];
  },
  cautions: {
    'battery-tired': { rank: 44, when: (j) => j.starts.slowTwice },
    'engine-grave-noise': { rank: 45, when: (j) => j.starts.grave.length > 0 },
  },
  missing: {
    'cold-start-missed': (judged) => {
      const missed = judged?.starts.missed ?? [];
      return lacking(missed.length, { detail: missed[0] ?? '' });
    },
    'practice-log': (_j, { records }) =>
      lacking(recordsOf(records, 'log').filter((l) => l.body.practice).length, { blocks: true }),
    'gate-open': (judged) =>
      lackingIf(
        Boolean(
          judged?.road &&
            !judged.road.driven &&
            judged.gate.open.length > 0 &&
            judged.gate.no.length === 0 &&
            judged.gate.forbids.length === 0,
        ),
      ),
  },
});
export type JudgedRunning = ReturnType<typeof running.judge>;
