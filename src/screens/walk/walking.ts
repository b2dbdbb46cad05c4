import type { RefObject } from 'react';
import type { Aspect, View, Zone } from '@/core/body/zone';
import type { StoredRecord } from '@/core/kinds';

/** What is being asked at the zone in hand: why it is blocked, whether it works, or what was found. */
export type Asking =
  | { readonly what: 'blocked'; readonly aspects: readonly Aspect[] }
  | { readonly what: 'function' }
  | { readonly what: 'finding'; readonly finding: StoredRecord<'finding'> | null }
  | null;

/** Where the walk is: the view, the zone in hand, the place touched on it, what is asked there, and how to move on. */
export interface Walking {
  readonly view: View;
  readonly zone: string;
  readonly place: { uMm: number; vMm: number } | null;
  readonly visit: string | null;
  readonly ceilingUm: number;
  readonly asking: Asking;
  readonly ask: (asking: Asking) => void;
  /** Opens the camera, or the picker, for the zone in hand. */
  readonly camera: RefObject<(() => void) | null>;
  readonly go: (zone: string) => void;
  readonly touch: (place: { uMm: number; vMm: number } | null) => void;
  readonly step: (by: 1 | -1) => void;
  readonly show: (view: View) => void;
  readonly remember: (line: string) => void;
}

/** What a card of the walk is given. */
export interface CardProps {
  readonly zone: Zone;
  readonly walking: Walking;
}

/** A card about the zone in hand: where it stands among the others, where it applies, and what it shows. */
export interface ZoneCardDefinition {
  readonly place: number;
  readonly applies: (zone: Zone) => boolean;
  readonly Card: (props: CardProps) => React.ReactNode;
}
