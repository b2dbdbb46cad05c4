import type { BodyOf } from '@/core/kinds';
import { figureOf } from '@/core/units/figure';

type Visit = BodyOf<'visit'>;
type Check = NonNullable<Visit['gauge']>['checks'][number];

/** What the visit's form holds, as typed. An empty choice was not said. */
export interface VisitFields {
  place: string;
  light: Visit['light'] | '';
  surface: Visit['surface'] | '';
  lift: Visit['lift'] | '';
  clean: '' | 'yes' | 'no';
  school: NonNullable<Visit['school']> | '';
  temperatureC: string;
  hours: string;
  gaugeName: string;
  gaugeKind: 'magnetic' | 'eddy' | 'combined';
  ceilingUm: string;
  zeroUm: string;
  foilUm: string;
  foilReadUm: string;
  endZeroUm: string;
  endFoilUm: string;
  endFoilReadUm: string;
  note: string;
}

const text = (n: number | null | undefined) => (n === null || n === undefined ? '' : String(n));
const startOf = (checks: readonly Check[]) => checks.findIndex((c) => c.when === 'start');
const endOf = (checks: readonly Check[]) => checks.findLastIndex((c) => c.when === 'end');

/** What the form shows of a visit: of its gauge checks the first at the start and the last at the end. */
export function visitFields(v: Visit | null, place: string): VisitFields {
  const checks = v?.gauge?.checks ?? [];
  const [start, end] = [checks[startOf(checks)], checks[endOf(checks)]];
  return {
    place: v?.place ?? place,
    light: v?.light ?? '',
    surface: v?.surface ?? '',
    lift: v?.lift ?? '',
    clean: v === null || v.clean === null ? '' : v.clean ? 'yes' : 'no',
    school: v?.school ?? '',
    temperatureC: text(v?.temperatureC),
    hours: text(v?.hours),
    gaugeName: v?.gauge?.name ?? '',
    gaugeKind: v?.gauge?.kind ?? 'combined',
    ceilingUm: text(v?.gauge?.ceilingUm),
    zeroUm: text(start?.zeroUm),
    foilUm: text(start?.foilUm),
    foilReadUm: text(start?.foilReadUm),
    endZeroUm: text(end?.zeroUm),
    endFoilUm: text(end?.foilUm),
    endFoilReadUm: text(end?.foilReadUm),
    note: v?.note ?? '',
  };
}

/** A check put in the place of the one it was shown from, added where there was none, taken out where it was emptied. */
function withCheck(checks: readonly Check[], at: number, check: Check | null): Check[] {
  if (at < 0) return check === null ? [...checks] : check.when === 'start' ? [check, ...checks] : [...checks, check];
  return checks.flatMap((c, i) => (i === at ? (check ?? []) : c));
}

/**
 * The visit that the form's fields say, upon the one they were shown from: its other gauge checks stay. Refuses a figure
 * that is none, a gauge without its ceiling and a check without its foil, with the words for the person.
 */
export function visitBody(
  g: VisitFields,
  before: Visit | null,
  opened: { startedAt: string; inspector: string },
): { ok: true; body: object } | { ok: false; message: string } {
  const names = {
    temperatureC: 'The temperature',
    hours: 'The hours',
    ceilingUm: 'The ceiling',
    zeroUm: 'What the bare plate shows at the start',
    foilUm: 'The foil at the start',
    foilReadUm: 'What the foil shows at the start',
    endZeroUm: 'What the bare plate shows at the end',
    endFoilUm: 'The foil at the end',
    endFoilReadUm: 'What the foil shows at the end',
  } as const;
  const n = {} as Record<keyof typeof names, number | null>;
  for (const key of Object.keys(names) as (keyof typeof names)[]) {
    const value = figureOf(g[key]);
    if (value === 'bad') return { ok: false, message: `${names[key]} “${g[key]}” is no number.` };
    n[key] = value;
  }
  const name = g.gaugeName.trim();
  if (name !== '' && n.ceilingUm === null)
    return { ok: false, message: 'A gauge is stated with its ceiling: the largest thickness it shows, in µm.' };
  const check = (when: 'start' | 'end', zeroUm: number | null, foilUm: number | null, foilReadUm: number | null) => {
    if (foilUm === null && foilReadUm === null && zeroUm === null) return null;
    if (foilUm === null || foilReadUm === null || zeroUm === null) return 'part' as const;
    return { when, zeroUm, foilUm, foilReadUm };
  };
  const start = check('start', n.zeroUm, n.foilUm, n.foilReadUm);
  const end = check('end', n.endZeroUm, n.endFoilUm, n.endFoilReadUm);
  if (start === 'part' || end === 'part')
    return { ok: false, message: 'A check is the bare plate, the foil and what the foil shows: all three, or none.' };
  const held = before?.gauge?.checks ?? [];
  const ended = withCheck(held, endOf(held), end);
  const checks = withCheck(ended, startOf(ended), start);
  return {
    ok: true,
    body: {
      startedAt: before?.startedAt ?? opened.startedAt,
      inspector: before?.inspector ?? opened.inspector,
      place: g.place,
      light: g.light || null,
      surface: g.surface || null,
      lift: g.lift || null,
      clean: g.clean === '' ? null : g.clean === 'yes',
      school: g.school || null,
      temperatureC: n.temperatureC,
      hours: n.hours,
      gauge: name === '' ? null : { name, kind: g.gaugeKind, ceilingUm: n.ceilingUm, checks },
      note: g.note,
    },
  };
}
