import { type FunctionState, type UntriedBecause, wasTried } from '@/core/catalogue/functions';
import { type FunctionLine, isSlow } from '@/core/functions/list';
import type { BodyOf } from '@/core/kinds';
import { plural } from './plural';

export const FUNCTION_STATE_WORDS: Readonly<Record<FunctionState, string>> = {
  works: 'works',
  poor: 'works poorly',
  dead: 'does not work',
  untried: 'not tried',
  absent: 'not fitted',
  disconnected: 'disconnected',
};

export const UNTRIED_WORDS: Readonly<Record<UntriedBecause, string>> = {
  'no-power': 'no power',
  'no-key': 'no key',
  'not-running': 'engine not running',
  'not-safe': 'not safe',
  owner: 'owner’s wish',
  weather: 'weather',
  time: 'no time',
  fragile: 'too fragile',
};

const SIDES: Readonly<Record<string, string>> = { left: 'left', right: 'right', front: 'front', rear: 'rear' };

/** "window, left front", "clock". */
export function functionName({ id, of }: Pick<FunctionLine, 'id' | 'of'>): string {
  const where = of.sided
    ? id
        .split('.')
        .filter((p) => p in SIDES)
        .join(' ')
    : '';
  return where ? `${of.name}, ${where}` : of.name;
}

/** How it was found, without its name: "works, 41 s", "not tried: no power". */
export function triedText({ state, why, from, seconds, cause, note }: BodyOf<'tried'>): string {
  return [
    state === 'untried' && why ? `not tried: ${UNTRIED_WORDS[why]}` : FUNCTION_STATE_WORDS[state],
    seconds === null ? '' : `${seconds} s`,
    from && `from ${from}`,
    note,
    cause && `perhaps ${cause} (a guess)`,
  ]
    .filter(Boolean)
    .join(', ');
}

/** A function with how it was found; what is slow is said to be. */
export const functionLine = (l: FunctionLine): string =>
  l.record ? `${triedText(l.record.body)}${isSlow(l) ? ', slow' : ''}` : 'nobody tried it';

/** How many of the functions that a car has were tried, and what came of it: by how each that somebody spoke of was found. */
export function triedOfText(asked: number, said: readonly FunctionState[]): string {
  const of = (...states: FunctionState[]) => said.filter((s) => states.includes(s)).length;
  const tried = said.filter(wasTried).length;
  const fitted = asked - of('absent');
  const [works, poor, dead] = [of('works'), of('poor'), of('dead', 'disconnected')];
  const found = [
    works > 0 && plural(works, 'works', 'work'),
    poor > 0 && plural(poor, 'works poorly', 'work poorly'),
    dead > 0 && plural(dead, 'does not', 'do not'),
  ].filter(Boolean);
  const rest = fitted - tried;
  return [
    `${tried} of ${plural(fitted, 'function')} tried${found.length > 0 ? `: ${found.join(', ')}` : ''}`,
    rest > 0 && `${rest} not tried`,
  ]
    .filter(Boolean)
    .join('; ');
}

export const SAFETY_CAUTION =
  'Driving depends on what is marked. Whether a car may be used on the road is for the local tester.';
