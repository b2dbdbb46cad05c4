import type { ThicknessUnit } from '@/core/units/thickness';
import type { Wording } from '@/words/vocabulary';
import { zoneName } from '@/words/zones';
import { type EntryItem, itemDefinition } from './clauses';

export interface Chip {
  readonly text: string;
  readonly tone: 'plain' | 'ask';
}

/** What the line was understood to say, as short chips; places are named once. */
export function chipsOf(items: readonly EntryItem[], wording: Wording, unit: ThicknessUnit): Chip[] {
  const chips: Chip[] = [];
  let zone = '';
  for (const item of items.slice(0, 24)) {
    if ('zone' in item && item.zone !== zone) {
      zone = item.zone;
      chips.push({ text: zoneName(zone, wording), tone: 'plain' });
    }
    chips.push(
      ...itemDefinition(item)
        .chips(item, wording, unit)
        .map((text) => ({
          text,
          tone: 'askUnit' in item && item.askUnit ? ('ask' as const) : ('plain' as const),
        })),
    );
  }
  if (items.length > 24) chips.push({ text: `and ${items.length - 24} more`, tone: 'plain' });
  return chips;
}
