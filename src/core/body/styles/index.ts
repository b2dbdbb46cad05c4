import type { BodyStyle } from '../zone';
import { fastback } from './fastback';
import { pickup } from './pickup';
import { saloon4 } from './saloon4';

/** Every body style that has a plan. A new style is one file and one line here. */
export const STYLES: readonly BodyStyle[] = [fastback, saloon4, pickup];

export function styleBySlug(slug: string): BodyStyle | null {
  return STYLES.find((s) => s.slug === slug) ?? null;
}
