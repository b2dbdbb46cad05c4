import type { Plan } from '@/core/body/plan';
import type { Aspect } from '@/core/body/zone';
import type { Evidence } from '@/core/kinds/common';
import type { GapTool } from '@/core/kinds/gap';
import type { BlockedBy } from '@/core/kinds/look';
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
}

interface ReadingItem<K extends string> {
  kind: K;
  zone: string;
  state: 'read' | 'over' | 'none';
  thicknessUm: number | null;
  typed: { text: string; unit: ThicknessUnit };
  askUnit: boolean;
}

export type EntryItem =
  | ReadingItem<'reading'>
  | ReadingItem<'replace-last'>
  | {
      kind: 'look';
      zone: string;
      aspects: readonly Aspect[];
      outcome: 'clean' | 'blocked';
      why: BlockedBy | null;
      note: string;
    }
  | {
      kind: 'finding';
      zone: string;
      flaw: string;
      count: number;
      sizeMm: number | null;
      share: number | null;
      where: string;
      touchedIn: boolean;
      visibleFromM: number | null;
      evidence: Evidence;
      /** Quoted words and how it was described: kept with it, judged by nobody. */
      note: string;
    }
  | {
      kind: 'gap';
      zone: string;
      seam: string;
      /** What it was measured with; a feeler unless said. */
      by: Exclude<GapTool, 'photo'>;
      /** Along the seam from its front, evenly; one flushness for all places, or one each. */
      gapsMm: readonly number[];
      flushMm: readonly number[];
    }
  | { kind: 'go'; zone: string }
  | { kind: 'undo' };

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

export interface Entry {
  readonly items: readonly EntryItem[];
  readonly problems: readonly EntryProblem[];
}

/** A sentence of which nothing is offered, for this reason. */
export const refused = (problem: EntryProblem): Entry => ({ items: [], problems: [problem] });
