import type { Axis } from '../catalogue/axes';
import { axisOf } from '../catalogue/axes';
import type { Sort } from '../catalogue/flaws/flaw';
import type { Cell } from '../coverage/coverage';
import { extraPartsOf, type Judgement, lossesOf } from '../judge/judge';
import type { BlockedBy } from '../kinds/look';
import { takenTogether } from '../model/together';
import { anewOf } from '../work/effort';

/** Something that a place has lost: the share of redoing it, and the finding that is to blame where one is. */
export interface PieceLoss {
  readonly share: number;
  readonly finding?: string;
  readonly sort?: Sort;
  readonly as?: string;
}

/** A piece of an axis: a zone × aspect, or a part that a model adds. */
export interface Piece {
  readonly zone: string;
  readonly of: string;
  readonly axis: Axis;
  /** Which places are alike: what is looked at and where on the car. */
  readonly kind: string;
  /** Effort of redoing it from nothing, in the house's currency. */
  readonly whole: number;
  /** `partly`: something is on record, and nobody said that the rest is clean. */
  readonly state: 'looked' | 'partly' | 'unseen';
  readonly blocked: BlockedBy | null;
  readonly losses: readonly PieceLoss[];
  /** No place to look at by itself. */
  readonly extra?: true;
}

/** Share of redoing a piece that its losses take together: one job never pays twice, and more never take less. */
export const lostShare = (losses: readonly PieceLoss[]): number => takenTogether(losses.map((l) => l.share));

const STATES: Readonly<Record<Cell['status'], Piece['state']>> = {
  unseen: 'unseen',
  blocked: 'unseen',
  clean: 'looked',
  findings: 'partly',
  measured: 'partly',
};

function pieceOf(cell: Cell, judgement: Judgement, losses: ReadonlyMap<string, PieceLoss[]>): Piece {
  const { zone, aspect, status, looked, why } = cell;
  return {
    zone: zone.slug,
    of: aspect,
    axis: axisOf(cell),
    kind: `${aspect}@${zone.view}`,
    whole: anewOf(zone, aspect, judgement.tables.work),
    state: looked ? 'looked' : STATES[status],
    blocked: why,
    losses: losses.get(`${zone.slug}/${aspect}`) ?? [],
  };
}

/** All pieces of all axes: each zone × aspect with what the models say that it lost, and the parts that models add. */
export function piecesOf(judgement: Judgement): Piece[] {
  const losses = new Map<string, PieceLoss[]>();
  for (const { zone, aspect, ...loss } of lossesOf(judgement)) {
    const key = `${zone}/${aspect}`;
    const held = losses.get(key);
    if (held) held.push(loss);
    else losses.set(key, [loss]);
  }
  const { work } = judgement.tables;
  const extra = extraPartsOf(judgement).map(({ zone: slug, of, axis, like, weight, share, sort }): Piece => {
    const zone = judgement.plan.zones.get(slug)!;
    return {
      zone: slug,
      of,
      axis,
      kind: `${of}@${zone.view}`,
      whole: weight * anewOf(zone, like, work),
      state: share === null ? 'unseen' : 'looked',
      blocked: null,
      losses: share === null ? [] : [{ share, ...(sort && { sort }) }],
      extra: true,
    };
  });
  return [...judgement.coverage.cells.map((c) => pieceOf(c, judgement, losses)), ...extra];
}
