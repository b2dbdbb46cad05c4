/** What bidders can ask a sale's published lots for, as it stands in their sealed reports. */
export const TRAITS = [
  'claims-hold',
  'claims-fail',
  'structure-lost',
  'holes',
  'filler',
  'ends',
  'starts',
  'driven',
  'seen-below',
  'film',
  'offers',
] as const;
export type Trait = (typeof TRAITS)[number];

export const PUBLIC_SORTS = ['number', 'grade', 'year'] as const;
export type PublicSort = (typeof PUBLIC_SORTS)[number];

/** What a bidder asks a sale's page for. */
export interface PublicAsked {
  readonly search: string;
  /** Lots that have all of these, and none of those. */
  readonly has: readonly Trait[];
  readonly lacks: readonly Trait[];
  /** Whose grade lies at this or above in its middle. */
  readonly from: number | null;
  readonly sort: PublicSort;
  /** The place behind which the next page begins, as the page before told it. */
  readonly after: string | null;
}

/** A sale as its page tells it to strangers. */
export interface PublicSaleFacts {
  readonly name: string;
  readonly place: string;
  readonly opensOn: string | null;
  readonly closesOn: string | null;
}

/** A lot as its published report tells it. */
export interface PublicLot {
  readonly number: number;
  readonly title: string;
  readonly token: string;
  readonly revision: number;
  readonly sealedAt: string;
  readonly sha256: string;
  readonly year: number | null;
  readonly grade: { readonly low: number; readonly value: number; readonly high: number } | null;
  readonly band: string;
  readonly seen: number;
  readonly findings: number;
  readonly picture: string | null;
  readonly traits: readonly Trait[];
}
