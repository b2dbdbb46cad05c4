import type { PracticeOutcome } from './outcome';

export const PRACTICE_KINDS = ['car', 'second'] as const;
export type PracticeKind = (typeof PRACTICE_KINDS)[number];

/** A practice lot as lists show it: without its truth. */
export interface PracticeRow {
  readonly lotId: string;
  readonly kind: PracticeKind;
  readonly person: { readonly id: string; readonly name: string };
  /** Which car of the course, and the minutes there are; null for a second look. */
  readonly course: number | null;
  readonly minutes: number | null;
  /** The real lot that is looked at a second time. */
  readonly ofLot: string | null;
  readonly title: string;
  readonly startedAt: string;
  readonly closedAt: string | null;
  readonly outcome: PracticeOutcome | null;
}
