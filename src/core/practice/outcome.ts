import type { Agreement } from '../agreement/compare';
import type { Debrief } from './debrief';

/** What came of a practice lot once it was closed: the truth over a made car, or two looks at a real one side by side. */
export type PracticeOutcome =
  | { readonly kind: 'car'; readonly debrief: Debrief; readonly minutesUsed: number }
  | {
      readonly kind: 'second';
      readonly agreement: Agreement;
      /** Who looked first and second, by name. */
      readonly first: string;
      readonly second: string;
      /** Which gauges they measured with; empty: nobody said. Absent in outcomes of before these were kept. */
      readonly gauges?: { readonly first: string; readonly second: string };
    };
