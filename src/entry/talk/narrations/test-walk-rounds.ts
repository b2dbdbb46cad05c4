import { planOf } from '@/core/body/plan';
import { listen } from '../../facts';

/** One utterance of a walk-round, with what it says of the car. */
export interface Utterance {
  readonly said: string;
  readonly facts: readonly string[];
  /** Facts of earlier utterances that it takes back. */
  readonly takesBack: readonly string[];
}
export interface WalkRound {
  readonly title: string;
  readonly style: string;
  readonly steering: 'left' | 'right';
  readonly unit: 'um' | 'mil';
  readonly utterances: readonly Utterance[];
}
/** How an utterance came out. */
export interface Heard extends Utterance {
  readonly got: readonly string[];
  readonly whole: boolean;
  readonly invented: readonly string[];
}

const partsOf = (text: string, by: RegExp) => text.split(by).map((p) => p.trim());

/** Walk-rounds out of their text: a head `# title | style | steering | unit`, then `said | fact; fact; -fact taken back`. */
export function walkRounds(text: string): readonly WalkRound[] {
  return text
    .split(/^# /m)
    .slice(1)
    .map((block) => {
      const [head = '', ...lines] = block.trim().split('\n');
      const [title = '', style = '', steering, unit] = partsOf(head, /\|/);
      return {
        title,
        style,
        steering: steering as 'left' | 'right',
        unit: unit as 'um' | 'mil',
        utterances: lines.map((line) => {
          const [said = '', facts = ''] = partsOf(line, /\|/);
          const all = facts === '' ? [] : partsOf(facts, /;/);
          return {
            said,
            facts: all.filter((f) => !f.startsWith('-')),
            takesBack: all.filter((f) => f.startsWith('-')).map((f) => f.slice(1)),
          };
        }),
      };
    });
}

/** What is heard of a walk-round, utterance by utterance, beside what it says. */
export function hearOut({ style, steering, unit, utterances }: WalkRound): readonly Heard[] {
  const plan = planOf(style)!;
  const spelledOut = (fact: string): string[] => {
    const [, zone] = /^clean (\S+) \*$/.exec(fact) ?? [];
    return zone
      ? plan.zones
          .get(zone)!
          .aspects.filter((a) => a !== 'function')
          .map((a) => `clean ${zone} ${a}`)
      : [fact];
  };
  const { facts } = listen(
    utterances.map(({ said }, i) => ({ line: i + 1, text: said })),
    { plan, zone: null, unit, ceilingUm: 500, steering, kerb: steering === 'left' ? 'right' : 'left' },
  );
  return utterances.map((u, i) => {
    const back = utterances.slice(i + 1).flatMap((later) => later.takesBack);
    const meant = u.facts.flatMap(spelledOut).filter((f) => !(back.includes(f) && u.facts.includes(f) && i >= 0));
    const got = facts.filter((f) => f.line === i + 1).map((f) => f.fact);
    const sorted = (list: readonly string[]) => [...list].sort().join('|');
    return { ...u, got, whole: sorted(got) === sorted(meant), invented: got.filter((f) => !meant.includes(f)) };
  });
}
