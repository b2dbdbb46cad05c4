import { type ThicknessUnit, thicknessText } from '@/core/units/thickness';
import type { EntryItem } from '@/entry/parse';
import { BY_WORDS } from '@/words/fit';
import { countedName } from '@/words/flaws';
import { ASPECT_WORDS, BLOCKED_WORDS, term } from '@/words/terms';
import type { Wording } from '@/words/vocabulary';
import { zoneName, zoneWords } from '@/words/zones';

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
      ...own(item, wording, unit).map((text) => ({
        text,
        tone: 'askUnit' in item && item.askUnit ? ('ask' as const) : ('plain' as const),
      })),
    );
  }
  if (items.length > 24) chips.push({ text: `and ${items.length - 24} more`, tone: 'plain' });
  return chips;
}

function own(item: EntryItem, wording: Wording, unit: ThicknessUnit): string[] {
  switch (item.kind) {
    case 'reading':
    case 'replace-last': {
      const shown =
        item.state === 'over'
          ? item.typed.text.startsWith('≥')
            ? `at least ${thicknessText(item.thicknessUm ?? 0, item.typed.unit)}`
            : `over ${thicknessText(item.thicknessUm ?? 0, unit)}`
          : item.state === 'none'
            ? 'no reading'
            : thicknessText(item.thicknessUm ?? 0, item.typed.unit);
      return [item.kind === 'replace-last' ? `replaces the last: ${shown}` : shown];
    }
    case 'look':
      return [
        item.outcome === 'clean' ? 'seen and clean' : `blocked: ${item.why ? BLOCKED_WORDS[item.why] : ''}`,
        item.aspects.map((a) => term(ASPECT_WORDS, a, wording.words)).join(', '),
      ];
    case 'finding':
      return [
        countedName(item, wording.words),
        ...(item.sizeMm ? [`${item.sizeMm} mm`] : []),
        ...(item.share ? [`${Math.round(item.share * 100)} %`] : []),
        ...(item.where ? [item.where] : []),
        ...(item.touchedIn ? ['touched in'] : []),
        ...(item.visibleFromM ? [`seen from ${item.visibleFromM} m`] : []),
        ...(item.note ? [`“${item.note}”`] : []),
        ...(item.evidence === 'seen' ? [] : [item.evidence]),
      ];
    case 'gap': {
      const [a, b] = item.seam.split('|') as [string, string];
      const flush = item.flushMm.map((v) => `${v > 0 ? '+' : ''}${v}`).join(', ');
      return [
        `gap to ${zoneWords(a === item.zone ? b : a, wording)}`,
        ...(item.gapsMm.length > 0 ? [`${item.gapsMm.join(', ')} mm`] : []),
        ...(flush ? [`flush ${flush} mm`] : []),
        ...(item.by === 'feeler' ? [] : [`by ${BY_WORDS[item.by]}`]),
      ];
    }
    case 'go':
      return ['go there'];
    case 'undo':
      return ['take the last entry back'];
  }
}
