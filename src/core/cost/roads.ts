import type { Need } from '../body/zone';
import type { Decision } from '../work/cost-table';
import type { Options } from './options';
import type { Thing } from './thing';

/** What can be made of a car. */
export const ROADS = ['restore', 'repair', 'run', 'leave'] as const;
export type Road = (typeof ROADS)[number];

/** Flaws and families without which a car is neither sound nor used; looks are another matter. */
const SOUND: ReadonlySet<string> = new Set(['metal', 'function', 'glass', 'missing']);

/** Flaws of tires and what stops a car, however it looks. */
const stops = (thing: Thing): boolean => {
  const need: Need | undefined = thing.zone.need;
  return (
    thing.of.startsWith('tire') ||
    (thing.family === 'metal' && thing.zone.structural === true) ||
    (need !== undefined && (thing.family === 'function' || thing.family === 'glass')) ||
    thing.safety === true ||
    /^(?:leak|brake|works:lamp)/.test(thing.key) ||
    thing.zone.loadPath === true
  );
};

/** What a restorer keeps too: a repair that is good, and what no work puts right. */
const KEPT: ReadonlySet<string> = new Set(['patch-neat']);
const kept = ({ of, family }: Thing) => family === 'paper' || KEPT.has(of);

/** What does away with a thing: by rule, and where the rule leaves it, the gentlest that nothing speaks against. */
function doneAway({ thing, options, rule }: Options): Decision {
  if (rule !== 'leave' || kept(thing)) return rule;
  return options.find((o) => o.remedy !== 'leave' && o.against.length === 0)?.remedy ?? rule;
}

/**
 * What is decided of a thing on a road: `restore` does away with all that can be without spoiling what is the works';
 * `repair` makes it sound and usable and leaves its looks; `run` does what makes it safe to drive and nothing else; `leave`
 * nothing at all.
 */
export function decidedOn(road: Road, options: Options): Decision {
  const { thing, rule } = options;
  if (road === 'leave') return 'leave';
  if (road === 'run') return stops(thing) ? rule : 'leave';
  if (road === 'restore') return thing.family === 'finish' || thing.family === 'shape' ? rule : doneAway(options);
  return stops(thing) || SOUND.has(thing.family) ? rule : 'leave';
}
