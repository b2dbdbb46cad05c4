import type { GateAsk, RoadItem, RoadState, RunNoise, Smoke, SmokeCourse } from '@/core/catalogue/run-words';
import type { BodyOf } from '@/core/kinds';
import type { Forbid, RoadGate } from '@/core/running/gate';
import type { Charging, LogRefusal, OilPressure, Thermostat } from '@/core/running/log-analysis';
import type { JudgedStarts, SmokeMeans } from '@/core/running/start';
import type { Estimate } from '@/core/stats/estimate';
import { capital } from './capital';
import { plural } from './plural';

export const CRANK_WORDS = { strong: 'cranks strong', slow: 'cranks slowly', none: 'does not crank' } as const;
export const CATCH_WORDS = {
  'at-once': 'catches at once',
  'after-a-while': 'catches after a while',
  not: 'does not catch',
} as const;
export const CHOKE_WORDS = {
  used: 'choke used',
  'not-needed': 'no choke needed',
  'none-fitted': 'no choke fitted',
} as const;
export const SMOKE_WORDS: Readonly<Record<Smoke, string>> = {
  none: 'no smoke',
  blue: 'blue smoke',
  black: 'black smoke',
  white: 'white smoke',
};
export const COURSE_WORDS: Readonly<Record<SmokeCourse, string>> = {
  puff: 'a puff',
  fades: 'fades',
  stays: 'stays',
  'on-throttle': 'on the throttle',
};
export const SMOKE_MEANS_WORDS: Readonly<Record<SmokeMeans, string>> = {
  oil: 'oil',
  rich: 'rich mixture',
  coolant: 'coolant: look at oil and coolant for each other',
  condensation: 'condensation of the cold',
  nothing: '',
  open: 'whether it stays tells coolant from condensation',
};
export const NOISE_WORDS: Readonly<Record<RunNoise, string>> = {
  'top-end': 'top-end ticking',
  knock: 'knock',
  chain: 'chain',
  belt: 'belt',
  exhaust: 'exhaust leak, louder on load',
  hiss: 'hiss of a vacuum leak',
  whine: 'whine',
  misfire: 'misfire',
};
export const BLOW_BY_WORDS = {
  none: 'no pressure at the filler cap',
  some: 'some blow-by',
  strong: 'strong blow-by',
} as const;

/** A start in one line. */
export function startText(s: BodyOf<'start'>): string {
  return [
    s.hot ? 'hot restart' : s.cold === 'cold' ? 'cold by hand' : s.cold === 'warm' ? 'was warm already' : '',
    s.hoursSince === null ? '' : `${s.hoursSince} h since it ran`,
    s.floor === 'dry' ? 'floor dry' : s.floor === 'drips' ? 'drips on the floor' : '',
    s.cranks ? CRANK_WORDS[s.cranks] : '',
    s.catches ? CATCH_WORDS[s.catches] : '',
    s.caughtAfterS === null ? '' : `${s.caughtAfterS} s after the first turn`,
    s.choke ? CHOKE_WORDS[s.choke] : '',
    ...s.smoke.map((m) => [SMOKE_WORDS[m.colour], m.course ? COURSE_WORDS[m.course] : ''].filter(Boolean).join(', ')),
    ...s.noises.map((n) => NOISE_WORDS[n]),
    s.blowBy ? BLOW_BY_WORDS[s.blowBy] : '',
    s.note,
  ]
    .filter(Boolean)
    .join('; ');
}

export const MISSED_WORDS: Readonly<Record<JudgedStarts['missed'][number], string>> = {
  hand: 'whether it was cold',
  floor: 'whether the floor was dry',
  cranking: 'how it cranked',
  smoke: 'smoke',
};

export const GATE_WORDS: Readonly<Record<GateAsk, string>> = {
  leave: 'The owner lets it be driven',
  insured: 'Driver insured and permitted',
  brakes: 'Brakes hold a firm pedal',
  'brake-fluid': 'Brake fluid in all chambers',
  steering: 'Steering without play',
  tires: 'Tires sound, not over age for the speed',
  lamps: 'Lamps work',
  wipers: 'Wipers work, or it is dry',
  'warning-lamps': 'Warning lights are out',
  weather: 'Weather and road allow it',
};
export const FORBID_WORDS: Readonly<Record<Forbid, string>> = {
  structure: 'structural loss was found',
  'running-gear': 'steering, suspension or brakes have play or are broken',
  brakes: 'the brakes are not safe',
  fuel: 'fuel leaks',
  fluid: 'a fluid is as it must not be',
  tires: 'a tire is not to be relied on',
  'safety-function': 'something that driving depends on does not work',
  leave: 'the owner does not let it be driven',
  'does-not-run': 'it does not run',
};
export const ROAD_ITEM_WORDS: Readonly<Record<RoadItem, string>> = {
  clutch: 'clutch takes up well',
  'shifts-up': 'shifts up',
  'shifts-down': 'shifts down',
  reverse: 'reverse',
  'pulls-well': 'pulls well',
  'runs-clean': 'runs clean, no misfire',
  'tracks-straight': 'tracks straight',
  'brakes-straight': 'brakes straight',
  'pedal-firm': 'pedal stays firm',
  'steering-play': 'steering without play',
  'axle-quiet': 'axle quiet',
  'bearings-quiet': 'bearings quiet',
  'exhaust-quiet': 'exhaust quiet',
  'no-vibration': 'no vibration',
  'temperature-holds': 'temperature holds',
  'pressure-holds': 'oil pressure holds',
  speedometer: 'speedometer works',
  'odometer-moves': 'odometer moves',
  overdrive: 'overdrive',
  'hot-restart': 'starts again hot',
};
export const ROAD_STATE_WORDS: Readonly<Record<RoadState, string>> = { good: 'yes', poor: 'not quite', bad: 'no' };

/** Why a car was not driven, or that it may be. What a record forbids is not told again as the answer to its question. */
export function gateText(g: RoadGate): string {
  if (g.free) return 'Every question was answered with yes.';
  const no = g.no.filter((a) => !g.forbids.some((f) => f === a));
  const why = [...g.forbids.map((f) => FORBID_WORDS[f]), ...no.map((a) => `no to “${GATE_WORDS[a].toLowerCase()}”`)];
  if (why.length > 0) return `Not to be driven: ${why.join('; ')}.`;
  return `${plural(g.open.length, 'question')} of the gate open: not to be driven before.`;
}

/** A drive in one line. */
export function roadText(r: BodyOf<'road'>): string {
  const wrong = (Object.entries(r.items) as [RoadItem, RoadState][]).filter(([, s]) => s !== 'good');
  // What was said of a drive without the gate's answers stands as that, and as no drive.
  const said = [...wrong.map(([i, s]) => `${ROAD_ITEM_WORDS[i]}: ${ROAD_STATE_WORDS[s]}`), r.note].filter(Boolean);
  if (!r.driven)
    return ['not driven here', said.length > 0 ? `said of it: ${said.join('; ')}` : ''].filter(Boolean).join('; ');
  return [
    `driven ${r.distanceM === null ? '' : r.distanceM < 1000 ? `${r.distanceM} m` : `${(r.distanceM / 1000).toFixed(1)} km`}`.trim(),
    r.surface,
    r.topKmh === null ? '' : `up to ${r.topKmh} km/h`,
    ...said,
  ]
    .filter(Boolean)
    .join('; ');
}

const LOG_REFUSED: Readonly<Record<LogRefusal, string>> = {
  'too-short': 'not told: the log is too short',
  'too-few': 'not told: too few moments',
  'no-rise': 'not told: it hardly warmed up',
  'no-bend': 'not told: no bend, it was still warming up when the log ended',
  'speed-not-varied': 'not told: the engine was not held at another speed',
  'not-warm': 'not told: it was not warm',
};
const figures = ({ value, low, high }: Estimate, digits = 0) =>
  `${value!.toFixed(digits)} (${low!.toFixed(digits)} to ${high!.toFixed(digits)})`;

export function thermostatText(t: Thermostat): string {
  if (!t.ok) return LOG_REFUSED[t.reason];
  const at = `held at ${figures(t.levelC)} °C, reached after ${Math.round(t.openedAtS / 60)} min`;
  return {
    'in-band': at,
    early: `${at}: the thermostat opens early or hangs open`,
    late: `${at}: hotter than it should hold`,
    climbs: `${at}, and still climbing: look for the cause before it is run long`,
  }[t.verdict];
}
export function oilText(o: OilPressure): string {
  if (!o.ok) return LOG_REFUSED[o.reason];
  const at = `warm ${figures(o.idleKpa)} kPa at idle, ${figures(o.fastKpa)} at 2000`;
  return {
    'in-band': at,
    low: `${at}: low; a gauge of its own would tell before more is run`,
    high: `${at}: high; oil too thick, or the relief valve`,
    'does-not-rise': `${at}: it does not rise with speed; gauge, pump or valve`,
  }[o.verdict];
}
export function chargingText(c: Charging): string {
  if (!c.ok) return LOG_REFUSED[c.reason];
  const at = `${figures(c.volts, 1)} V`;
  return {
    'in-band': at,
    none: `${at}: it does not charge`,
    over: `${at}: it charges too high`,
    sags: `${at}, falling as it runs: belt, brushes or regulator`,
  }[c.verdict];
}

export const START_CAUTION =
  'Keep clear of fan and belts, no loose clothes. Exhaust outdoors or extracted. Extinguisher at hand. Fuel leaks first: stop.';

export const smokeText = (s: JudgedStarts['smoke'][number]): string =>
  capital(
    [
      [SMOKE_WORDS[s.colour], s.course ? COURSE_WORDS[s.course] : ''].filter(Boolean).join(', '),
      SMOKE_MEANS_WORDS[s.means],
    ]
      .filter(Boolean)
      .join(': '),
  );

/** What the starts of a car say together, as sentences without their stop. */
export const startSays = (j: JudgedStarts): readonly string[] =>
  [
    ...j.smoke.filter((s) => s.means !== 'nothing').map(smokeText),
    j.slowTwice ? 'Cranked slowly twice: battery or charging want a proper test' : '',
    j.grave.length > 0
      ? 'A noise from inside the engine: not to be run further before it was heard by somebody qualified'
      : '',
    j.missed.length > 0
      ? `Not noted of the cold start: ${j.missed.map((m) => MISSED_WORDS[m]).join(', ')}. It cannot be had again that day`
      : '',
  ].filter(Boolean);
