import type { View } from '@/core/body/zone';
import type { Family } from '@/core/catalogue/flaws/flaw';
import type { Evidence } from '@/core/kinds/common';
import type { Estimate } from '@/core/stats/estimate';
import type { Rests } from './rests';

/** A grade with its doubt on the scale of 0 to 100. */
export interface BandRow {
  readonly id: string;
  readonly name: string;
  readonly says?: string;
  readonly grade: Estimate;
  readonly figures: string;
  readonly capped: boolean;
  /** Nothing of it was seen: no band is drawn. */
  readonly blank: boolean;
}

/** What is marked on a picture: an outline in px of a frame of that size. */
export interface MarksOn {
  readonly path: string;
  readonly width: number;
  readonly height: number;
}

export interface PictureRow {
  readonly sha256: string;
  readonly alt: string;
  readonly caption: string;
  /** Said before the caption, in bold. */
  readonly lead?: string;
  readonly drawn: boolean;
  readonly marks?: MarksOn;
  /** Width and height in px. */
  readonly size?: readonly [widthPx: number, heightPx: number];
}

/** Where a record is spoken of in a film: the film as kept (SHA-256), or a link to where the house keeps it. */
export interface FilmMoment {
  readonly film: string;
  readonly sha256: string | null;
  readonly link: string | null;
  readonly fromS: number;
}

export interface FindingRow {
  readonly id: string;
  readonly number: number;
  readonly family: Family;
  readonly severity: number;
  readonly zone: string;
  readonly place: { readonly uMm: number; readonly vMm: number } | null;
  readonly title: string;
  readonly evidence: Evidence;
  readonly lines: readonly string[];
  readonly aside: string;
  readonly pictures: readonly PictureRow[];
  readonly moments?: readonly FilmMoment[];
}

export interface PlanPinRow extends Pick<FindingRow, 'id' | 'number' | 'family' | 'severity' | 'zone' | 'place'> {
  /** Its extent as drawn on the panel. */
  readonly outline?: readonly { readonly uMm: number; readonly vMm: number }[] | null;
}

/** A seam as it was sealed, for the plan. */
export interface SeamRow {
  readonly seam: string;
  readonly nominalMm: number;
  readonly goodMm: number;
  readonly flushGoodMm: number;
  readonly meanMm: Estimate;
  readonly worstFlushMm: number | null;
  readonly stations: readonly {
    readonly sMm: number;
    readonly gap: { readonly value: number } | null;
    readonly flushMm: number | null;
  }[];
}

/** What an axis lost, from 100 down. */
export interface LossesRow {
  readonly id: string;
  readonly name: string;
  /** What is left of 100; in words where nothing of it was seen. */
  readonly left: string;
  readonly rows: readonly {
    readonly text: string;
    readonly points: number;
    /** The number of the finding that it is. */
    readonly number: number | null;
    /** On record, against reckoned with. */
    readonly known: boolean;
  }[];
}

/** A cell of a table: a text, a figure set in figures, or a name with a swatch of film thickness. */
export interface Cell {
  readonly text: string;
  readonly swatchUm?: number;
  readonly rests?: Rests;
}

/** An item of a list, and what it rests on. */
export interface ListItem {
  readonly lead?: string;
  readonly text: string;
  readonly rests?: Rests;
}

/**
 * What a report is made of: each kind is drawn twice, on the page and on paper, so that a section says its sentences once.
 * `rests`: the records that it is said of, to which a page leads.
 */
export type Block =
  | { readonly kind: 'heading'; readonly text: string; readonly evidence?: Evidence; readonly rests?: Rests }
  | {
      readonly kind: 'para';
      readonly text: string;
      readonly tone?: 'plain' | 'soft';
      readonly evidence?: Evidence;
      readonly rests?: Rests;
    }
  /** What must be known before anything else. */
  | { readonly kind: 'alarm'; readonly text: string }
  | { readonly kind: 'box'; readonly title: string; readonly text: string }
  | {
      readonly kind: 'list';
      readonly items: readonly ListItem[];
      readonly style: 'plain' | 'bullets' | 'ordered';
      readonly evidence?: Evidence;
      readonly rests?: Rests;
    }
  /** What is typed into a machine, as it is. */
  | { readonly kind: 'code'; readonly text: string }
  /** Statements that are somebody's, each with its evidence. */
  | {
      readonly kind: 'statements';
      readonly items: readonly {
        readonly text: string;
        readonly source: string;
        readonly evidence: Evidence;
        readonly rests?: Rests;
      }[];
    }
  | { readonly kind: 'facts'; readonly rows: readonly (readonly [name: string, value: string])[] }
  | {
      readonly kind: 'table';
      readonly label: string;
      readonly columns: readonly { readonly name: string; readonly figures?: boolean; readonly wide?: boolean }[];
      readonly rows: readonly (readonly Cell[])[];
    }
  /** `shut`: opened by whoever wants it; on paper it stands open. */
  | { readonly kind: 'folded'; readonly title: string; readonly blocks: readonly Block[]; readonly shut?: true }
  | {
      readonly kind: 'headline';
      readonly lead: string;
      readonly word: string;
      readonly band: BandRow;
      readonly limits: readonly number[];
      readonly says: string;
      readonly counts: readonly (readonly [value: string, name: string])[];
    }
  | { readonly kind: 'losses'; readonly axes: readonly LossesRow[] }
  | { readonly kind: 'bands'; readonly limits: readonly number[]; readonly groups: readonly (readonly BandRow[])[] }
  | {
      readonly kind: 'plan';
      readonly view: View;
      readonly title: string;
      readonly caption: string;
      readonly pins: readonly PlanPinRow[];
      /** Zones of which nothing was seen, and those of them that could not be. */
      readonly bare: readonly string[];
      readonly blocked: readonly string[];
      readonly seams?: readonly SeamRow[];
    }
  /** How much of each piece was looked at, view by view. */
  | {
      readonly kind: 'coverage';
      readonly views: readonly { readonly view: View; readonly title: string; readonly caption: string }[];
      /** Zones that were looked at in whole and in part; of the others nothing was seen. */
      readonly whole: readonly string[];
      readonly part: readonly string[];
    }
  | {
      readonly kind: 'findings';
      readonly groups: readonly { readonly title: string; readonly findings: readonly FindingRow[] }[];
    }
  /** The car in pictures, side by side to be swiped. */
  | { readonly kind: 'strip'; readonly pictures: readonly PictureRow[] }
  /** The findings that matter most, each with why, its place and its picture. */
  | {
      readonly kind: 'matters';
      readonly items: readonly {
        readonly number: number;
        readonly title: string;
        readonly text: string;
        readonly evidence: Evidence;
        readonly family: Family;
        readonly severity: number;
        readonly zone: string | null;
        readonly picture: PictureRow | null;
      }[];
    }
  /** A film with its chapters by place; what was said of each record, at its second. */
  | {
      readonly kind: 'film';
      readonly id: string;
      readonly name: string;
      readonly sha256: string | null;
      readonly type: string | null;
      readonly bytes: number | null;
      readonly link: string | null;
      readonly lengthS: number | null;
      readonly poster: string | null;
      readonly drawn: boolean;
      readonly chapters: readonly {
        readonly title: string;
        readonly moments: readonly {
          readonly id: string;
          readonly fromS: number;
          readonly toS: number | null;
          readonly words: string;
          /** The number of the finding that it became. */
          readonly finding: number | null;
        }[];
      }[];
    }
  | { readonly kind: 'pictures'; readonly pictures: readonly PictureRow[] };
