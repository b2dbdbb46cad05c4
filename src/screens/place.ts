import type { LucideIcon } from 'lucide-react';
import type { ComponentType } from 'react';
import type { Aspect } from '@/core/body/zone';
import type { Judgement } from '@/core/judge/judge';
import type { ThicknessUnit } from '@/core/units/thickness';
import type { Wording } from '@/words/vocabulary';

/** What a place is given: what the server loaded for it, by the name under which it asks. */
export interface PlaceProps {
  readonly loaded?: unknown;
}

/** One of the five places of a lot. */
export interface Place {
  readonly slug: string;
  readonly name: string;
  readonly Icon: LucideIcon;
  readonly Screen: ComponentType<PlaceProps>;
  /** What the server loads for it, by a name of server/place-loads.ts. */
  readonly loads?: string;
  /** What its first tab is called, where it has others. */
  readonly first?: string;
  readonly tabs?: readonly { readonly slug: string; readonly name: string; readonly Screen: ComponentType }[];
}

/** What a chapter of Evidence says of itself before it is opened. */
export interface ChapterSays {
  /** What it holds beside findings: "75 readings". */
  readonly holds: string;
  /** What speaks loudest in it, where that is no finding. */
  readonly loudest?: string | undefined;
  /** What its instrument cannot do on this car. */
  readonly cannot?: string | undefined;
  /** What it goes over beside places, line by line: of how many things, and how many were looked at. */
  readonly lines?: { readonly seen: number; readonly of: number };
}

/** A chapter of Evidence: what it is about, what it says at a glance, and its screen. */
export interface Chapter extends Place {
  /** Aspects whose looks and findings belong in it. Every aspect belongs in one chapter at least. */
  readonly aspects: readonly Aspect[];
  /** What stands in for the plan on the summary, for a chapter that is about no part of it. */
  readonly Preview?: ComponentType;
  readonly says: (judgement: Judgement, wording: Wording, unit: ThicknessUnit) => ChapterSays;
}
