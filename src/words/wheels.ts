import type { PLIES, TireFault, WheelFault } from '@/core/catalogue/tire-faults';
import type { BodyOf } from '@/core/kinds';
import type { DateSays, JudgedTire, SetMatch } from '@/core/wheels/model';
import { type TireMade, type TireRefusal, tireAge } from '@/core/wheels/tire-code';
import { capital } from './capital';
import { dayText } from './dates';

export const TIRE_FAULT_WORDS: Readonly<Record<TireFault, string>> = {
  'side-cracks': 'cracks in the wall',
  cut: 'cut',
  'chunk-out': 'a chunk out',
  bulge: 'bulge',
  cords: 'cords showing',
  'flat-spot': 'flat spot',
  'worn-inside': 'worn at the inner edge',
  'worn-outside': 'worn at the outer edge',
  'worn-middle': 'worn in the middle',
  feathered: 'feathered',
  'white-wall-stained': 'white wall stained',
};

/** What a pattern of wear usually comes from; never said as seen. */
export const WEAR_MEANS: Readonly<Partial<Record<TireFault, string>>> = {
  'worn-inside': 'usually toe or camber, or worn bushes',
  'worn-outside': 'usually toe or camber, or driven soft',
  'worn-middle': 'usually driven too hard',
  feathered: 'usually toe',
  'flat-spot': 'stood long, or locked',
};

export const WHEEL_FAULT_WORDS: Readonly<Record<WheelFault, string>> = {
  'kerb-damage': 'kerb damage',
  'bent-rim': 'bent rim',
  cracked: 'cracked',
  rusty: 'rusty',
  'plating-gone': 'plating gone',
  'not-of-the-car': 'not the wheel of this car or period',
};

export const PLY_WORDS: Readonly<Record<(typeof PLIES)[number], string>> = {
  radial: 'radial',
  bias: 'bias-ply',
  unknown: '',
};

export const TIRE_REFUSALS: Readonly<Record<TireRefusal, string>> = {
  'no-date-code': 'no date code in it: three or four digits at its end',
  'no-such-week': 'no such week',
  'not-yet-made': 'a week that is still to come',
};

export const DATE_SAYS: Readonly<Record<DateSays, string>> = {
  none: 'age not known',
  refused: '',
  fresh: '',
  'look-yearly': 'to be looked at every year',
  'not-relied-on': 'not to be relied on, whatever its tread',
};

export const WHEELS_TITLE = 'Wheels and tires';

export const MATCH_WORDS: Readonly<Record<SetMatch, string>> = {
  all: 'All road tires are of one maker, line and size.',
  'by-axle': 'The road tires match by axle, front and rear differ.',
  mixed: 'The road tires do not match.',
};

/** "14.6 years", "27 years at least, 47 at most". */
export function ageText(made: TireMade, on: string): string {
  const { low, high } = tireAge(made, on);
  return made.decadeOpen ? `${Math.floor(low)} years at least, ${Math.floor(high)} at most` : `${low.toFixed(1)} years`;
}

/** When it was made, by its code. */
export const madeText = (made: TireMade): string =>
  made.decadeOpen ? 'three digits: decade not known' : `made in the week of ${dayText(made.madeFrom)}`;

/** A tire in one line as it was read: "165 SR 15, Fenwold Tourer, code 3112, tread 5.5 mm". */
export function tireText(t: BodyOf<'tire'>): string {
  return [
    [t.maker, t.line].filter(Boolean).join(' '),
    [t.size, t.service].filter(Boolean).join(' '),
    PLY_WORDS[t.ply],
    t.whiteWall ? 'white wall' : '',
    t.code ? `code ${t.code}` : '',
    t.treadMm === null ? '' : `tread ${t.treadMm} mm`,
    ...t.faults.map((f) => TIRE_FAULT_WORDS[f]),
    ...t.wheel.map((f) => `wheel: ${WHEEL_FAULT_WORDS[f]}`),
    t.note,
  ]
    .filter(Boolean)
    .join(', ');
}

/** What follows for a tire on a day, in sentences: its age, its tread, its size against the placard. */
export function tireSays(
  t: Pick<JudgedTire, 'body' | 'worn' | 'offPlacard' | 'weaker'> & { readonly refused: TireRefusal | boolean | null },
  says: DateSays,
  leastTreadMm: number,
): string {
  return [
    t.refused ? `The code cannot be one${typeof t.refused === 'string' ? `: ${TIRE_REFUSALS[t.refused]}` : ''}.` : '',
    DATE_SAYS[says] && says !== 'none' ? `${DATE_SAYS[says]}.` : '',
    t.worn === 'worn-out'
      ? `Worn to the least of ${leastTreadMm} mm that many places ask: local rules decide.`
      : t.worn === 'near'
        ? 'Tread soon at its end.'
        : '',
    t.offPlacard ? `The placard asks for ${t.offPlacard}.` : '',
    t.weaker ? `It may carry less, or be driven less fast, than the ${t.weaker} that the placard asks for.` : '',
    ...t.body.faults.flatMap((f) => (WEAR_MEANS[f] ? [`${TIRE_FAULT_WORDS[f]}: ${WEAR_MEANS[f]}.`] : [])),
  ]
    .filter(Boolean)
    .map(capital)
    .join(' ');
}

export const TIRE_CAUTION =
  'Ages are those on the sale day, by the code on the wall. Least tread and how long tires may be used are matters of local rules.';
