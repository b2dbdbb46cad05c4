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
    };
