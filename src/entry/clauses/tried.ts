import type { FunctionState, UntriedBecause } from '@/core/catalogue/functions';
import { DEFAULT_FUNCTIONS, FUNCTION_STATES } from '@/core/catalogue/functions';
import { type FunctionLine, functionsOf, isAsked } from '@/core/functions/list';
import { recordsOf } from '@/core/records/reduce';
import { FUNCTION_STATE_WORDS, functionName, UNTRIED_WORDS } from '@/words/functions';
import { defineClause } from '../clause';
import { type Entry, type EntryContext, refused } from '../context';
import { FUNCTION_SAYS, GROUP_SAYS, SIDED_SAYS, STATE_SAYS } from '../function-phrases';
import { type PhraseTable, phraseTable } from '../lexicon';
import { FILLER } from '../phrases';
import { takeZone } from '../take-zone';
import { TokenCursor } from '../token-cursor';
import { tokens } from '../tokens';

interface TriedItem {
  readonly kind: 'tried';
  readonly function: string;
  readonly zone: string;
  readonly state: FunctionState;
  readonly seconds: number | null;
  readonly why: UntriedBecause | null;
}

const saysOf = <T extends string>(says: Readonly<Record<T, readonly string[]>>) =>
  phraseTable(Object.entries(says) as [T, readonly string[]][]);
const NAMED = saysOf(FUNCTION_SAYS);
const SIDED = saysOf(SIDED_SAYS);
const GROUPS: PhraseTable<string> = Object.entries(GROUP_SAYS)
  .map(([p, head]) => [p.split(' '), head] as const)
  .sort((a, b) => b[0].length - a[0].length);
const STATES: PhraseTable<FunctionState> = FUNCTION_STATES.flatMap((s) =>
  STATE_SAYS[s].map((p) => [p.split(' '), s] as const),
).sort((a, b) => b[0].length - a[0].length);
const WHY: PhraseTable<UntriedBecause> = (Object.entries(UNTRIED_WORDS) as [UntriedBecause, string][])
  .map(([why, says]) => [says.split(' '), why] as const)
  .sort((a, b) => b[0].length - a[0].length);
const SECONDS = /\b(\d+(?:[.,]\d+)?)\s*(?:s|sec|secs|second|seconds)\b/i;
const BUT = /\b(?:but|except(?:\s+for)?|apart\s+from)\b/i;
const MOST_S = 600;

const list = (context: EntryContext): readonly FunctionLine[] =>
  functionsOf(context.plan, [], { fitted: { vinylRoof: true, sunroof: true, skirts: true } }, DEFAULT_FUNCTIONS);

/** Takes every function named in a text; null where something else is said there too. */
function functionsIn(text: string, context: EntryContext): readonly FunctionLine[] | null {
  const line = new TokenCursor(tokens(text.replaceAll(/,|\band\b/gi, ' ')));
  const out: FunctionLine[] = [];
  for (let found = line.take(NAMED); found; found = line.take(NAMED)) {
    const own = list(context).find((l) => l.id === found!.value);
    if (!own) return null;
    out.push(own);
  }
  while (line.take(FILLER));
  return line.rest().length === 0 && out.length > 0 ? out : null;
}

const item = (l: FunctionLine, state: FunctionState, more: Partial<TriedItem> = {}): TriedItem => ({
  kind: 'tried',
  function: l.id,
  zone: l.zone,
  state,
  seconds: null,
  why: null,
  ...more,
});

/** `all lamps work but the reverse`: a group in one state, those named behind "but" dead. */
function readGroup(text: string, context: EntryContext): Entry<TriedItem> | null {
  const [head = '', tail] = text.split(BUT);
  const line = new TokenCursor(tokens(head));
  const group = line.take(GROUPS);
  if (!group) return null;
  const state = line.take(STATES)?.value;
  while (line.take(FILLER));
  if (!state || line.rest().length > 0 || state === 'untried') return null;
  const but = tail === undefined ? [] : functionsIn(tail, context);
  if (but === null) return refused({ kind: 'not-understood', words: tail!.trim() });
  const named = new Set(but.map((l) => l.id));
  const members = list(context).filter(
    (l) =>
      l.id.startsWith(group.value) &&
      isAsked(l) &&
      !named.has(l.id) &&
      // A pane that is fixed goes neither up nor down.
      (!l.of.sided || context.plan.zones.get(l.zone)?.aspects.includes('function')),
  );
  if (members.length === 0) return refused({ kind: 'not-understood', words: head.trim() });
  const other: FunctionState = state === 'works' ? 'dead' : 'works';
  return { items: [...members.map((l) => item(l, state)), ...but.map((l) => item(l, other))], problems: [] };
}

/** Others that are named in the same breath: "turn signals and hazards". */
function namedToo(line: TokenCursor, context: EntryContext): readonly FunctionLine[] {
  const out: FunctionLine[] = [];
  while (line.left.some((t) => t?.text === 'and')) {
    const more = line.take(NAMED);
    const own = more && list(context).find((l) => l.id === more.value);
    if (!own) break;
    out.push(own);
  }
  return out;
}

/** The function that a sided place stands for: a window for its glass. */
function sidedAt(zone: string, said: string | null, context: EntryContext): FunctionLine | undefined {
  const own = list(context).filter((l) => l.of.sided && l.zone === zone);
  return said ? own.find((l) => l.id.startsWith(`${said}.`)) : own.find((l) => l.id.startsWith('window.'));
}

/** Things that work or do not: `clock dead`, `left front window slow 9 s`. Refuses words that say something else besides. */
function readTried(text: string, quoted: string, context: EntryContext): Entry<TriedItem> | null {
  if (quoted) return null;
  const group = readGroup(text, context);
  if (group) return group;
  const timed = SECONDS.exec(text);
  const line = new TokenCursor(tokens(text.replace(SECONDS, ' ')));
  const named = line.take(NAMED);
  const sided = named ? null : (line.take(SIDED)?.value ?? null);
  const state = line.take(STATES)?.value;
  if (!state) return null;
  const also = named ? namedToo(line, context) : [];
  const why = state === 'untried' ? (line.take(WHY)?.value ?? null) : null;
  const found = takeZone(
    line,
    { ...context, ...(named && { zone: null }) },
    { ...(!named && { among: (z: string) => context.plan.zones.get(z)!.aspects.includes('function') }) },
  );
  if (!named && (!found.ok || found.zone === null)) return null;
  while (line.take(FILLER));
  if (line.rest().length > 0) return null;
  const own = named
    ? list(context).find((l) => l.id === named.value)
    : sidedAt((found as { zone: string }).zone, sided, context);
  if (!own) return null;
  // A place named besides must be where the thing is.
  if (named && found.ok && found.named && !own.of.zones.some((z) => z === found.zone)) return null;
  if (state === 'untried' && why === null && !context.talk) return refused({ kind: 'say-why' });
  const seconds = timed ? Number(timed[1]!.replace(',', '.')) : null;
  if (seconds !== null && seconds > MOST_S) return refused({ kind: 'absurd', text: timed![0] });
  return { items: [own, ...also].map((l) => item(l, state, { seconds, why })), problems: [] };
}

export const tried = defineClause<TriedItem>({
  words: [NAMED, SIDED, GROUPS, STATES, WHY, 'but except apart and s sec seconds'],
  // Whatever it is of, how it does is said.
  read: ({ text, line, quoted }, context) => (line.has(STATES) ? readTried(text, quoted, context) : null),
  items: {
    tried: {
      puts: ({ kind: _, ...said }, { at }, records) => {
        const own = recordsOf(records, 'tried').find((r) => r.body.function === said.function);
        return [{ kind: 'tried', ...(own && { id: own.id }), body: { ...own?.body, ...said, at } }];
      },
      chips: ({ function: id, state, seconds, why }) => {
        const name = id.split('.')[0]!;
        const of = DEFAULT_FUNCTIONS.functions[id] ?? DEFAULT_FUNCTIONS.functions[id.replace(/\.(left|right).*$/, '')];
        return [
          of ? functionName({ id, of }) : name,
          state === 'untried' && why ? `not tried: ${UNTRIED_WORDS[why]}` : FUNCTION_STATE_WORDS[state],
          ...(seconds === null ? [] : [`${seconds} s`]),
        ];
      },
      facts: ({ function: id, state }) => [`${state} ${id}`],
    },
  },
});
