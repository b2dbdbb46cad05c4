import type { z } from 'zod';
import type { logSchema } from '@/core/kinds/log';
import { recordsOf } from '@/core/records/reduce';
import { KPA_PER } from '@/core/running/pressure';
import { runAt } from '@/core/running/run-at';
import { defineClause } from '../clause';
import { type Entry, refused } from '../context';
import { FILLER } from '../phrases';
import { TokenCursor } from '../token-cursor';
import { tokens } from '../tokens';

type Field = 'rpm' | 'oilKpa' | 'tempC' | 'volts' | 'amps' | 'fuel';
/** What one gauge showed: as it was said, and in the log's unit. */
interface Shown {
  readonly gauge: string;
  readonly field: Field;
  readonly said: string;
  readonly value: number;
}
interface GaugeItem {
  readonly kind: 'gauge';
  readonly shown: readonly Shown[];
  readonly when: string;
  /** Since the first turn, where it was said, s. */
  readonly afterS: number | null;
}

/** A bare figure of temperature up to this is °C: no coolant is hotter, and none that is warm is colder in °F. */
const MOST_BARE_C = 130;
const LEAST_BARE_C = 40;
const celsius = (v: number, unit: string): number | null => {
  const u = unit[0]?.toLowerCase() ?? '';
  if (u === 'f') return ((v - 32) * 5) / 9;
  if (u === 'c') return v;
  return v > MOST_BARE_C ? ((v - 32) * 5) / 9 : v >= LEAST_BARE_C ? v : null;
};
/** A figure without a unit of its own. */
const BARE = '(?<unit>)(?!\\d|[.,]\\d)(?!\\s*(?:mm|um|µm|mils?|psi|bar|°|%|[cf]\\b))';
const N = '(?<n>[-+−]?\\d+(?:[.,]\\d+)?)';
const IS = '(?:\\s+(?:gauge|light))?(?:\\s+(?:is|was|at|reads|shows|of|about|around))*\\s+';
const FUEL: Readonly<Record<string, number>> = { empty: 0, quarter: 0.25, half: 0.5, 'three quarters': 0.75, full: 1 };

interface Way {
  readonly gauge: string;
  readonly field: Field;
  readonly pattern: RegExp;
  /** In the log's unit; null: this figure cannot be it. */
  readonly value: (n: number, unit: string) => number | null;
  /** The unit as facts spell it. */
  readonly unit: (unit: string, n: number) => string;
}
const way = (gauge: string, field: Field, pattern: string, value: Way['value'], unit: Way['unit']): Way => ({
  gauge,
  field,
  pattern: new RegExp(pattern, 'i'),
  value,
  unit,
});
const same = (n: number) => n;

const LEAST_PSI = 10;
/** How the dash is read aloud. */
const WAYS: readonly Way[] = [
  way(
    'oil',
    'oilKpa',
    `\\boil(?:\\s+pressure)?${IS}${N}\\s*(?<unit>psi|bar|kpa)\\b`,
    (n, u) => n * KPA_PER[u.toLowerCase() as keyof typeof KPA_PER],
    (u) => u.toLowerCase(),
  ),
  // Without a unit: no engine holds ten bar, and none runs on less than ten psi for long.
  way(
    'oil',
    'oilKpa',
    `\\boil\\s+pressure${IS}${N}${BARE}`,
    (n) => n * KPA_PER[n >= LEAST_PSI ? 'psi' : 'bar'],
    (_u, n) => (n >= LEAST_PSI ? 'psi' : 'bar'),
  ),
  way(
    'temperature',
    'tempC',
    `\\b(?:temp|temperature|coolant\\s+temp|water\\s+temp|coolant|water)${IS}${N}\\s*(?<unit>°\\s*[cf]|degrees(?:\\s+[cf])?|celsius|fahrenheit|[cf])(?![a-z])`,
    (n, u) => celsius(n, u.replace(/^(?:°|degrees)\s*/i, '')),
    (u, n) => (/f$|^f/i.test(u.replace(/^degrees\s*/i, '')) || n > MOST_BARE_C ? 'f' : 'c'),
  ),
  way(
    'temperature',
    'tempC',
    `\\b(?:temp|temperature)${IS}${N}${BARE}`,
    (n) => celsius(n, ''),
    (_u, n) => (n > MOST_BARE_C ? 'f' : 'c'),
  ),
  way('volts', 'volts', `(?:\\b(?:charging|charge|battery)${IS})?${N}\\s*(?<unit>volts?|v)\\b`, same, () => 'v'),
  way('volts', 'volts', `\\b(?:volts|voltmeter|voltage)${IS}${N}(?<unit>)(?!\\d|[.,]\\d)`, same, () => 'v'),
  way('amps', 'amps', `(?:\\b(?:charging|charge)${IS})?${N}\\s*(?<unit>amps?)\\b`, same, () => 'a'),
  way('rpm', 'rpm', `(?:\\b(?:idles?|idling)${IS})?${N}\\s*(?<unit>rpm|revs)\\b`, same, () => 'rpm'),
  way('rpm', 'rpm', `\\b(?:idles?|idling|revs|tacho(?:meter)?)${IS}${N}${BARE}`, same, () => 'rpm'),
];
const FUEL_SAID = new RegExp(`\\bfuel(?:\\s+gauge)?${IS}(?<share>${Object.keys(FUEL).join('|')})(?:\\s+full)?\\b`, 'i');
/** Every gauge shows a figure, but that of the fuel. */
const MAY_SHOW = /\d|\bfuel\b/i;
const AFTER = /\b(?:after|at)\s+(?<n>\d+(?:[.,]\d+)?)\s*(?<unit>min(?:ute)?s?|s(?:econds?)?)\b/i;
const WHEN = /\b(?:at\s+)?(?:fast\s+idle|idle|cold|warm(?:ed\s+up)?|hot|at\s+speed|cruising)\b/i;

const figure = (text: string) => Number(text.replace(',', '.').replace('−', '-'));

/** The log's own bounds: what it would refuse, no gauge shows. */
const MOST: Readonly<Record<Field, readonly [number, number]>> = {
  rpm: [0, 12_000],
  oilKpa: [0, 1500],
  tempC: [-40, 160],
  volts: [0, 40],
  amps: [-100, 100],
  fuel: [0, 1],
};

/** `oil pressure 45 psi at idle, temperature 85`: what the dash shows. Refuses words that say something else besides. */
function readGauges(text: string): Entry<GaugeItem> | null {
  if (!MAY_SHOW.test(text)) return null;
  let rest = text;
  const shown: Shown[] = [];
  for (const w of WAYS) {
    if (shown.some((s) => s.field === w.field)) continue;
    const match = w.pattern.exec(rest);
    if (!match) continue;
    const { n, unit } = match.groups as { n: string; unit: string };
    const value = w.value(figure(n), unit);
    if (value === null) continue;
    const [low, high] = MOST[w.field];
    if (value < low || value > high) return refused({ kind: 'absurd', text: match[0].trim() });
    shown.push({ gauge: w.gauge, field: w.field, said: `${figure(n)} ${w.unit(unit, figure(n))}`, value });
    rest = rest.replace(match[0], ' ');
  }
  const fuel = FUEL_SAID.exec(rest);
  if (fuel) {
    const share = fuel.groups!.share!.toLowerCase();
    shown.push({ gauge: 'fuel', field: 'fuel', said: share, value: FUEL[share]! });
    rest = rest.replace(fuel[0], ' ');
  }
  if (shown.length === 0) return null;
  const after = AFTER.exec(rest);
  if (after) rest = rest.replace(after[0], ' ');
  const when = WHEN.exec(rest);
  if (when) rest = rest.replace(when[0], ' ');
  const line = new TokenCursor(tokens(rest));
  while (line.take(FILLER));
  if (line.rest().length > 0) return null;
  const afterS = after ? figure(after.groups!.n!) * (after.groups!.unit!.toLowerCase().startsWith('m') ? 60 : 1) : null;
  return {
    items: [{ kind: 'gauge', shown, when: when?.[0].toLowerCase().replace(/^at\s+(?!speed)/, '') ?? '', afterS }],
    problems: [],
  };
}

export const gauge = defineClause<GaugeItem>({
  words: [
    `oil pressure psi bar kpa temp temperature coolant water degrees c f celsius fahrenheit charging charge battery volts volt v voltmeter
     voltage amps amp idles idle idling rpm revs tacho tachometer fuel gauge light reads shows at about around after min minutes
     seconds fast cold warm warmed up hot speed cruising ${Object.keys(FUEL).join(' ')}`,
  ],
  read: ({ text, quoted }) => (quoted ? null : readGauges(text)),
  items: {
    gauge: {
      puts: ({ shown, when, afterS }, { at }, records) => {
        const from = runAt(recordsOf(records, 'start'), recordsOf(records, 'log'), at);
        // Said to be so long after the first turn, of which nothing is on record: then that was then.
        const startedAt = from ?? new Date(Date.parse(at) - 1000 * (afterS ?? 0)).toISOString();
        const s = afterS ?? Math.round((Date.parse(at) - Date.parse(startedAt)) / 1000);
        const point = { s, ...Object.fromEntries(shown.map((x) => [x.field, x.value])) };
        const body: z.input<typeof logSchema> = { startedAt, by: 'hand', points: [point], note: when, at };
        return [{ kind: 'log', body }];
      },
      chips: ({ shown, when }) => [...shown.map((s) => `${s.gauge} ${s.said}`), ...(when ? [when] : [])],
      facts: ({ shown, when }) =>
        shown.map((s) => ['gauge', s.gauge, s.said, when.replaceAll(/\s+/g, '-')].filter(Boolean).join(' ')),
    },
  },
});
