import type { Thing } from '@/core/cost/thing';
import type { Judgement } from '@/core/judge/judge';
import type { BodyOf } from '@/core/kinds';
import { countedName } from './flaws';
import { functionName } from './functions';
import { FAULT_WORDS, PRESENCE_WORDS } from './pieces';
import { respelt, type Wording } from './vocabulary';
import { zoneWords } from './zones';

const wrongWith = ({ presence, faults }: BodyOf<'piece'>): string =>
  presence === 'fitted' || presence === 'along'
    ? faults.map((f) => FAULT_WORDS[f]).join(' and ')
    : PRESENCE_WORDS[presence];

/** What a thing that could be put right is called, without its place: with what is wrong with it. */
export function thingName(thing: Thing, judgement: Judgement, wording: Wording): string {
  const { finding, sort, of, key } = thing;
  if (finding) return `${countedName(finding, wording.words)}${finding.where ? ` (${finding.where})` : ''}`;
  if (sort === 'function') {
    const line = judgement.functions.lines.find((l) => l.id === of);
    return `${line ? functionName(line).toLowerCase() : of}: ${line?.record?.body.state === 'poor' ? 'works poorly' : 'does not work'}`;
  }
  if (sort === 'leak') return `leak at the ${judgement.leaks.layout.get(of)?.name ?? of.replaceAll(/[.-]/g, ' ')}`;
  if (sort === 'piece') {
    const line = judgement.bright.ledger.find((l) => key.startsWith(`${l.record?.id}:`));
    const name = line?.of.name.toLowerCase() ?? of;
    // The bumper of the front bumper is the piece itself.
    const itself = zoneWords(thing.zone.slug, wording).includes(name) ? 'the piece itself' : name;
    return [itself, line?.record && wrongWith(line.record.body)].filter(Boolean).join(': ');
  }
  return sort === 'tire' ? respelt('tire', wording.words) : 'hangs out of its place';
}
