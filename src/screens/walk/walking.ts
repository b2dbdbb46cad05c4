import type { View } from '@/core/body/zone';

/** Where the walk is: the view, the zone in hand, the place touched on it, and how to move on. */
export interface Walking {
  readonly view: View;
  readonly zone: string;
  readonly place: { uMm: number; vMm: number } | null;
  readonly visit: string | null;
  readonly ceilingUm: number;
  readonly go: (zone: string) => void;
  readonly touch: (place: { uMm: number; vMm: number } | null) => void;
  readonly step: (by: 1 | -1) => void;
  readonly show: (view: View) => void;
  readonly remember: (line: string) => void;
}
