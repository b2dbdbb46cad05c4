import { DEFAULT_FUNCTIONS, type FunctionState, type FunctionTable, functionTableSchema } from '../catalogue/functions';
import type { StoredRecord } from '../kinds';
import { defineModel, type Loss, lacking, type PlannedCar } from '../model/model';
import { defineTable } from '../model/table';
import { recordsOf } from '../records/reduce';
import { shareAWord, TELLING_LETTERS, within, wordsOf } from '../records/words-of';
import { type FunctionLine, functionsOf, isAsked, isSlow } from './list';

/** Flaws that say the same of a place in words, and what they make of a function. */
export const FOUND_AS: Readonly<Record<string, FunctionState>> = { inoperative: 'dead', 'works-poorly': 'poor' };

/** Shorter words of a function's name ("of") are not needed to name it. */
const NAMING_LETTERS = 3;

/** Whether a finding names a thing: by every word of its name. */
function isNamed(where: string, { of }: FunctionLine): boolean {
  const name = wordsOf(of.name, NAMING_LETTERS);
  return name.size > 0 && within(name, wordsOf(where));
}

type Finding = StoredRecord<'finding'>;

const speaksOf = (f: Finding, l: FunctionLine) => shareAWord(f.body.where, `${l.of.name} ${l.id}`);
const fails = (l: FunctionLine) =>
  ['poor', 'dead', 'disconnected'].includes(l.record?.body.state ?? '') || isSlow(l) === true;

/**
 * Whether a finding that something does not work speaks of a function of its place already: it names the thing, or names none;
 * or what it says is no name of anything there ("stops half way"), it failed just so, and nothing else there fails.
 */
export function tells(f: Finding, l: FunctionLine, asked: readonly FunctionLine[]): boolean {
  if (f.body.zone !== l.zone) return false;
  if (wordsOf(f.body.where, TELLING_LETTERS).size === 0 || speaksOf(f, l)) return true;
  const there = asked.filter((x) => x.zone === l.zone);
  const alike = l.record?.body.state === FOUND_AS[f.body.flaw];
  return alike && !there.some((x) => speaksOf(f, x)) && there.filter(fails).every((x) => x === l);
}

/** Functions that were said to work, each with the finding that names it and says otherwise. */
type Otherwise = readonly { readonly line: FunctionLine; readonly finding: Finding }[];

/** The finding that says otherwise than that a function works, be it withheld or not. */
export const saidOtherwise = (otherwise: Otherwise, { id }: FunctionLine): Finding | undefined =>
  otherwise.find((o) => o.line.id === id)?.finding;

/** How a function was found: by that finding, or as somebody said of it. */
const asFound = ({ record }: FunctionLine, by: Finding | undefined): FunctionState | null =>
  by ? FOUND_AS[by.body.flaw]! : (record?.body.state ?? null);

function lossOf(l: FunctionLine, states: FunctionTable['states']): number {
  const state = l.record?.body.state;
  const slow = isSlow(l) === true ? states.poor : 0;
  if (state === 'poor' || state === 'dead' || state === 'disconnected')
    return Math.max(states[state], slow) * l.of.share;
  return state === 'works' ? slow * l.of.share : 0;
}

/** What should work: what does, what does not, what nobody tried. */
export const functions = defineModel({
  reads: ['tried', 'finding', 'visit'],
  tables: {
    functions: defineTable<FunctionTable>({
      stored: 'functions',
      schema: functionTableSchema,
      defaults: DEFAULT_FUNCTIONS,
    }),
  },
  judge: ({ plan, records, car }: PlannedCar, { functions: t }) => {
    const lines = functionsOf(plan, records, car, t);
    const begun = recordsOf(records, 'tried').length > 0;
    const asked = lines.filter(isAsked);
    const found = recordsOf(records, 'finding').filter((f) => f.body.flaw in FOUND_AS);
    const told = (l: FunctionLine) => found.some((f) => tells(f, l, asked));
    const otherwise: Otherwise = asked.flatMap((line) => {
      if (line.record?.body.state !== 'works') return [];
      const finding = found.find((f) => f.body.zone === line.zone && isNamed(f.body.where, line));
      return finding ? [{ line, finding }] : [];
    });
    // The worse of the two counts: what driving depends on is not relied upon because of a tick.
    const stateOf = (l: FunctionLine) => asFound(l, saidOtherwise(otherwise, l));
    return {
      lines,
      begun,
      asked,
      dead: asked.filter((l) => ['dead', 'disconnected'].includes(stateOf(l) ?? '')),
      poor: asked.filter((l) => stateOf(l) === 'poor' || (stateOf(l) === 'works' && isSlow(l))),
      untried: asked.filter((l) => l.record === null || l.record.body.state === 'untried'),
      told: new Set(lines.filter(told).map((l) => l.id)) as ReadonlySet<string>,
      otherwise,
    };
  },
  losses: ({ lines, begun, told }, { functions: t }): readonly Loss[] =>
    begun
      ? lines.flatMap((l) => {
          const share = told.has(l.id) ? 0 : lossOf(l, t.states);
          return share > 0 ? [{ zone: l.zone, aspect: 'function' as const, share, as: 'functions' }] : [];
        })
      : [],
  cautions: {
    'safety-function-dead': {
      rank: 33,
      when: (j) => j.dead.some((l) => l.of.safety),
    },
  },
  missing: {
    'functions-untried': (judged) => {
      // Asked only once somebody began: a car that does not run may be looked at without.
      const open = judged?.begun ? judged.asked.filter((l) => l.record === null) : [];
      return lacking(open.length, { detail: open[0]?.of.name ?? '' });
    },
    'function-found-otherwise': (judged) =>
      lacking(judged?.otherwise.length ?? 0, { detail: judged?.otherwise[0]?.line.of.name ?? '' }),
  },
});
export type JudgedFunctions = ReturnType<typeof functions.judge>;

/** The finding, not withheld, by which a function that was said to work does not. */
export const findingOf = ({ otherwise }: JudgedFunctions, line: FunctionLine): Finding | undefined => {
  const said = saidOtherwise(otherwise, line);
  return said?.body.withheld === null ? said : undefined;
};

/** How a function was found, a finding that names it included; null where nobody spoke of it. */
export const foundOf = (judged: JudgedFunctions, line: FunctionLine): FunctionState | null =>
  asFound(line, findingOf(judged, line));
