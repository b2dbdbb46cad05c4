import type { ReactNode } from 'react';
import type { Point } from '@/core/body/geometry';
import type { Plan } from '@/core/body/plan';
import type { View } from '@/core/body/zone';
import type { Family } from '@/core/catalogue/flaws/flaw';

/** How one zone is drawn. */
export interface ZoneLook {
  readonly fill?: string;
  readonly text?: string;
  readonly label?: string;
  /** Over the gauge's ceiling: hatched. */
  readonly hatched?: boolean;
  /** Nothing seen: bare paper, dashed outline. */
  readonly unseen?: boolean;
  readonly blocked?: boolean;
}

export interface PlanPin {
  readonly id: string;
  readonly zone: string;
  readonly place: { uMm: number; vMm: number } | null;
  /** Its extent as drawn on the panel, panel mm. */
  readonly outline?: readonly { readonly uMm: number; readonly vMm: number }[] | null;
  readonly family: Family;
  readonly severity: number;
  /** The number under which a report lists it. */
  readonly number?: number;
  /** Where it is read on: it is drawn as a number to be touched then. */
  readonly href?: string;
  /** Twice the size, for a plan drawn small. */
  readonly large?: boolean;
}

/** What a mark on the plan is: a reading, where to measure next, or a weak spot by what is known of it. */
export type DotKind =
  | 'read'
  | 'over'
  | 'next'
  | 'weak-unseen'
  | 'weak-raised'
  | 'weak-sound'
  | 'weak-found'
  | 'weak-blocked';

/** Readings and weak spots of a view, and where to measure next. */
export interface DotsProps {
  readonly plan: Plan;
  readonly view: View;
  readonly dots: readonly {
    readonly zone: string;
    readonly uMm: number;
    readonly vMm: number;
    readonly kind: DotKind;
  }[];
}

export interface PlanDrawingProps {
  readonly plan: Plan;
  readonly view: View;
  readonly looks: ReadonlyMap<string, ZoneLook>;
  readonly pins?: readonly PlanPin[];
  readonly selected?: string | null;
  readonly nameOf: (zone: string) => string;
  readonly onZone?: (zone: string, at: Point) => void;
  /** Where a piece leads, on a page without script; undefined: nowhere. */
  readonly hrefOf?: (zone: string) => string | undefined;
  readonly title: string;
  /** Sheet millimetres shown; the whole view when absent. */
  readonly frame?: { readonly minX: number; readonly minY: number; readonly maxX: number; readonly maxY: number };
  readonly className?: string;
  readonly sideWords?: { readonly left: string; readonly right: string };
  readonly labelSize?: number;
  /** Writes each zone's name on it, where it fits and nothing else stands there. */
  readonly named?: boolean;
  /** Drawn over the zones, in the sheet's mm. */
  readonly over?: ReactNode;
  /** Zones that belong together, each group drawn as linked outlines under its name. */
  readonly groups?: readonly { readonly name: string; readonly zones: readonly string[] }[];
}
