/** A lot that a search found, by what is said of it. */
export interface FoundLot {
  readonly id: string;
  readonly number: number;
  readonly title: string;
  readonly sale: string;
  readonly saleState: string;
  readonly keeper: string;
  readonly consignor: string;
  readonly stands: string;
  readonly withdrawn: boolean;
}

/** A text within a lot's records that a search found. */
export interface FoundText {
  readonly lotId: string;
  readonly number: number;
  readonly title: string;
  readonly kind: string;
  readonly zone: string | null;
  readonly text: string;
}

/** What a search found. */
export interface Found {
  readonly lots: readonly FoundLot[];
  readonly texts: readonly FoundText[];
  /** Whether there may be more than what is shown. */
  readonly more: boolean;
}
