import type { Storage } from '@/core/metal/exposure-table';

/** How a car can be kept, by the corrosivity of the place (ISO 9223). */
export const STORAGE_WORDS: Readonly<Record<Storage, string>> = {
  C1: 'heated and dry',
  C2: 'dry garage',
  C3: 'daily use inland',
  C4: 'near the coast',
  C5: 'coast and road salt',
};

/** The three that are set side by side. */
export const STORAGES_SHOWN = ['C2', 'C3', 'C5'] as const satisfies readonly Storage[];
