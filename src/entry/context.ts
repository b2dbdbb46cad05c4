import type { Plan } from '@/core/body/plan';
import type { ThicknessUnit } from '@/core/units/thickness';
import type { SideWords } from '@/words/vocabulary';

/** What the line is read against. */
export interface EntryContext {
  readonly plan: Plan;
  /** The zone in hand; a line without a zone means this one. */
  readonly zone: string | null;
  /** Unit of bare thickness figures. */
  readonly unit: ThicknessUnit;
  readonly ceilingUm: number;
  readonly steering: 'left' | 'right';
  readonly kerb: 'left' | 'right';
  readonly sides?: SideWords;
  /** The side that is spoken of, where the zone in hand says none. */
  readonly side?: 'left' | 'right' | null;
  /** It is talk that was put into the line's words: a plural means all of them, and reasons may be left out. */
  readonly talk?: true;
}

export type EntryProblem =
  | { kind: 'no-zone' }
  | { kind: 'which-zone'; candidates: readonly string[] }
  | { kind: 'no-such-zone'; nearest: string }
  | { kind: 'not-understood'; words: string }
  /** A figure that nothing takes. */
  | { kind: 'figure-left'; words: string }
  /** The place is not made of what this can befall. */
  | { kind: 'flaw-not-here'; flaw: string; zone: string }
  /** The words can mean several things here. */
  | { kind: 'which-flaw'; candidates: readonly string[] }
  | { kind: 'two-places'; words: string }
  /** No gauge reads on glass, rubber or trim. */
  | { kind: 'no-film'; zone: string }
  /** What is not seen needs no entry; what cannot be seen needs its reason. */
  | { kind: 'say-why' }
  | { kind: 'absurd'; text: string }
  | { kind: 'nothing-to-replace' };

/** One thing understood, as its clause defines it. */
export interface ItemBase {
  readonly kind: string;
}

/** What one sentence says, or why nothing of it is offered. */
export interface Entry<I extends ItemBase = ItemBase> {
  readonly items: readonly I[];
  readonly problems: readonly EntryProblem[];
}

/** A sentence of which nothing is offered, for this reason. */
export const refused = (problem: EntryProblem): Entry<never> => ({ items: [], problems: [problem] });
