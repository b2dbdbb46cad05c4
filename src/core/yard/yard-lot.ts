import type { LotFacts, Sort, Standing } from './standing';

/** What the Yard shows of a lot, computed from its records. */
export interface LotSummary {
  readonly records: number;
  readonly seen: number;
  readonly blocked: number;
  readonly grade: {
    low: number;
    value: number;
    high: number;
    band: string;
    /** The bands that the interval touches; summaries kept by earlier programs lack it. */
    bands?: readonly string[];
  } | null;
  readonly readings: number;
  readonly findings: number;
  readonly photos: number;
  readonly gates: readonly string[];
  readonly car: string;
  /** Number of the computation that made it; summaries kept by earlier programs lack it. */
  readonly by?: number;
}

/** What the Yard shows of a lot. */
export interface YardLot extends Pick<LotFacts, 'number' | 'reportDueOn' | 'state' | 'withdrawn'> {
  readonly id: string;
  readonly title: string;
  readonly keeper: string;
  readonly inspectionId: string;
  readonly revision: number;
  readonly summary: LotSummary;
  /** Questions of bidders that wait. */
  readonly questions: number;
}

/** The same as it was kept last. */
export interface YardRow extends Omit<YardLot, 'summary'> {
  readonly changeCount: number;
  /** Null where none was ever computed. */
  readonly summary: LotSummary | null;
  /** Whether changes came after it. */
  readonly stale: boolean;
}

/** What the Yard's address asks for. */
export interface YardAsked {
  readonly sale: string | null;
  readonly show: Standing | 'all';
  readonly sort: Sort;
  readonly search: string;
  readonly after: string | null;
}
