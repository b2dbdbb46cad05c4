import type { z } from 'zod';
import type { Plan } from '@/core/body/plan';
import type { Tables } from '@/core/grade/all-tables';
import type { Grade } from '@/core/grade/grade';
import type { Judgement } from '@/core/judge/judge';
import type { AnyRecord, BodyOf } from '@/core/kinds';
import type { PaintProfile } from '@/core/paint/profiles';
import type { ThicknessUnit } from '@/core/units/thickness';
import type { Wording } from '@/words/vocabulary';
import type { Block } from './block';
import type { NumberedFinding } from './numbered';

export type Shape = Readonly<Record<string, z.ZodType>>;
export type PartsOf<S extends Shape> = { readonly [K in keyof S]: z.output<S[K]> };

/** What the sealed parts follow from: all records, withheld ones too, as they were judged and graded. */
export interface ToSeal {
  readonly judgement: Judgement;
  readonly grade: Grade;
  /** The numbers that both rest on. */
  readonly tables: Tables;
  readonly records: readonly AnyRecord[];
  /** Year on which ages are reckoned. */
  readonly onYear: number;
}

/** What a section is shown from: what was sealed, and nothing computed anew. */
export interface SectionView<P> {
  readonly sealed: P;
  readonly records: readonly AnyRecord[];
  readonly car: BodyOf<'car'>;
  readonly plan: Plan;
  readonly findings: readonly NumberedFinding[];
  readonly tables: {
    readonly grade: {
      readonly bands: readonly { name: string; from: number }[];
      readonly bandFromSeen?: number | undefined;
    };
    readonly profiles: readonly PaintProfile[];
  };
  readonly wording: Wording;
  readonly unit: ThicknessUnit;
  readonly timeZone: string | undefined;
  /** The day on which ages are told: that of the sale's end, else that of the sealing. */
  readonly onDay: string;
}

/**
 * A section of the report: its title, the parts that are sealed with their schemas, how they follow from the judgement, what
 * stands in their place where a program cannot read them, and its blocks. A section without blocks is not shown.
 */
export interface SectionDefinition<S extends Shape, U extends Shape> {
  readonly title: string;
  readonly sealed: S;
  readonly seal: (from: ToSeal) => PartsOf<S>;
  readonly blank: PartsOf<S>;
  /** Parts of other sections that it shows too. */
  readonly uses?: U;
  /** Parts without which it shows nothing. */
  readonly needs?: readonly (keyof S & string)[];
  readonly blocks: (view: SectionView<PartsOf<S> & PartsOf<U>>) => readonly Block[];
}

/** A section's definition, its types taken from its schemas. */
export const defineSection = <S extends Shape, U extends Shape = Readonly<Record<never, never>>>(
  definition: SectionDefinition<S, U>,
): SectionDefinition<S, U> => definition;

/** A section that seals nothing of its own. */
export const SEALS_NOTHING = { sealed: {}, blank: {}, seal: () => ({}) } as const;
