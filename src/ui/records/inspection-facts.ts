import { TABLES, type Tables, tablesSealed } from '@/core/grade/all-tables';
import type { Role } from '@/core/people/roles';

/** What a lot's screens know of it besides its records; saved with them on a device that takes the lot along. */
export interface InspectionFacts {
  readonly id: string;
  readonly revision: number;
  readonly state: 'draft' | 'reviewed' | 'sealed' | 'given-up';
  /** Why this revision was begun; empty for a first one. Lots saved by earlier programs lack it. */
  readonly reason?: string;
  /** The log's number when the records were read. */
  readonly seq: number;
  readonly lot: {
    readonly id: string;
    readonly number: number;
    readonly title: string;
    readonly reportDueOn: string | null;
  };
  readonly sale: {
    readonly name: string;
    readonly place: string;
    readonly closesOn: string | null;
    /** IANA zone in which the sale's days are days; UTC where lots saved by earlier programs lack it. */
    readonly timeZone?: string;
    /** Lots saved by earlier programs lack it. */
    readonly currency?: string;
  };
  readonly onYear: number;
  readonly role: Role;
  readonly me: string;
  readonly myId: string;
  /** Findings that are withheld from this viewer; lots saved by earlier programs lack it. */
  readonly withheld?: number;
  /** What a practice car or a second look is; null or absent: a real lot. */
  readonly practice?: {
    readonly kind: 'car' | 'second';
    readonly course: number | null;
    readonly minutes: number | null;
    readonly startedAt: string;
    readonly closedAt: string | null;
  } | null;
  /** The numbers by which the car is judged. */
  readonly tables: Tables;
  /** Own tables of the house that this program cannot read; lots saved by earlier programs lack it. */
  readonly unfit?: readonly string[];
}

/** Facts as an earlier program saved them on this device: then each table stood by itself. */
export function factsAsSaved(saved: InspectionFacts): InspectionFacts {
  const { tables, profiles, tolerances } = saved as unknown as Record<string, unknown>;
  const together = typeof tables === 'object' && tables !== null && 'grade' in tables;
  if (together && Object.keys(TABLES).every((name) => name in tables)) return saved;
  const kept = together ? (tables as Record<string, unknown>) : { grade: tables, profiles, tolerances };
  return { ...saved, tables: tablesSealed(kept, { complete: true }).tables };
}
