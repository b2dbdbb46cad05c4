import type { BodyStyle } from '../zone';
import { convertible } from './convertible';
import { estate } from './estate';
import { fastback } from './fastback';
import { hardtop } from './hardtop';
import { pickup } from './pickup';
import { saloon2 } from './saloon2';
import { saloon4 } from './saloon4';
import { sports } from './sports';
import { utility } from './utility';
import { van } from './van';

/** Every body style that has a plan. A new style is one file and one line here. */
export const STYLES: readonly BodyStyle[] = [
  fastback,
  saloon2,
  saloon4,
  convertible,
  hardtop,
  estate,
  utility,
  pickup,
  van,
  sports,
];

export function styleBySlug(slug: string): BodyStyle | null {
  return STYLES.find((s) => s.slug === slug) ?? null;
}
