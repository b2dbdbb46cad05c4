import { type EntryContext, type ParsedEntry, parseEntry } from '@/entry/parse';
import type { heard } from '@/entry/talk/heard';

/** What can be said instead of touched. */
export type SpokenCommand = 'undo' | 'next' | 'previous' | 'photo';

const COMMANDS: readonly (readonly [RegExp, SpokenCommand])[] = [
  [/^(?:undo|undo that|scratch that|take (?:that|it) back)$/, 'undo'],
  [/^(?:next|next panel|next one|go on|move on)$/, 'next'],
  [/^(?:previous panel|previous|panel before|back one|go back)$/, 'previous'],
  [/^(?:photo|picture|take a (?:photo|picture)|camera)$/, 'photo'],
];

/** The command that a saying is, if it is one and nothing besides. */
export function commandOf(said: string): SpokenCommand | null {
  const bare = said
    .toLowerCase()
    .replaceAll(/[.,!?]/g, '')
    .trim();
  return COMMANDS.find(([says]) => says.test(bare))?.[1] ?? null;
}

/** What takes talk apart, once it is there: the walk does not wait for it. */
let talk: typeof heard | null = null;
export const loadTalk = async (): Promise<void> => {
  talk = (await import('@/entry/talk/heard')).heard;
};

/**
 * A line as it is typed or dictated: as the line reads it, else sentence by sentence, each as talk where it is not typed.
 * What neither understands stays a problem, and nothing of that sentence is offered.
 */
export function readLine(text: string, context: EntryContext): ParsedEntry {
  const whole = parseEntry(text, context);
  if (whole.problems.length === 0) return whole;
  const items: ParsedEntry['items'][number][] = [];
  const problems: ParsedEntry['problems'][number][] = [];
  let { zone } = context;
  for (const sentence of text.split(/[;\n]+/)) {
    if (sentence.trim() === '') continue;
    const here = { ...context, zone };
    const typed = parseEntry(sentence, here);
    const talked = typed.problems.length === 0 ? null : (talk?.(sentence, here) ?? null);
    const entry =
      talked && talked.items.length > 0 && talked.items.every((h) => !h.corrects)
        ? { items: talked.items.map((h) => h.item), problems: [] }
        : typed;
    items.push(...entry.items);
    problems.push(...entry.problems);
    const last = entry.items.at(-1);
    if (last && 'zone' in last && last.kind !== 'tried') zone = last.zone;
  }
  return { items, problems };
}
