import type { Plan } from '../body/plan';
import { partOf, type View } from '../body/zone';
import { type DrawInput, drawCost, type UnseenPlace } from './draw';

/** Ways of looking that open places which nobody saw. */
export const LOOKS = ['magnet', 'borescope', 'below', 'carpets', 'trying'] as const;
export type Look = (typeof LOOKS)[number];

interface Opens {
  readonly aspects: readonly string[];
  readonly views?: readonly View[];
  readonly parts?: readonly string[];
  readonly steel?: true;
}
/** What each way of looking tells of which places. */
const OPENS: Readonly<Record<Look, Opens>> = {
  magnet: { aspects: ['corrosion'], views: ['outside', 'trunk'], steel: true },
  borescope: { aspects: ['corrosion', 'structure'], parts: ['rocker', 'rail', 'pillar', 'crossmember'] },
  below: { aspects: ['corrosion', 'structure'], views: ['underneath'] },
  carpets: { aspects: ['trim', 'corrosion'], parts: ['carpet', 'floor'] },
  trying: { aspects: ['function', 'leaks'] },
};

export interface LookValue {
  readonly look: Look;
  /** Places that it would open. */
  readonly places: number;
  /** By how much the band of the cost from its tenth to its ninetieth percentile would narrow, money. */
  readonly narrows: number;
  /** What is reckoned for these places in the middle of all draws; it falls away or becomes known. */
  readonly stands: number;
}

const DRAWS = 4000;

function opens(look: Look, u: UnseenPlace, plan: Plan): boolean {
  const { aspects, views, parts, steel } = OPENS[look];
  const zone = plan.zones.get(u.zone);
  return (
    zone !== undefined &&
    aspects.includes(u.of) &&
    (views === undefined || views.includes(zone.view)) &&
    (parts === undefined || parts.includes(partOf(zone.slug))) &&
    (!steel || zone.metal === 'steel')
  );
}

/**
 * What each way of looking would do to the doubt of a cost: the band from 10 to 90 % drawn with and without the places that it
 * opens, by the same seed. The value of information in its plainest form (Howard, Information value theory, IEEE Trans. SSC-2,
 * 1966): what the looking finds is not known, only what is not unknown any more. Those that narrow most first; none that
 * opens nothing.
 */
export function valueOfLooking(input: DrawInput, plan: Plan): LookValue[] {
  const width = (unseen: readonly UnseenPlace[]) => {
    const { whole, unseen: left } = drawCost({ ...input, unseen }, { draws: DRAWS, seed: 1 });
    return { band: whole.p90 - whole.p10, left: left.p50 };
  };
  const now = width(input.unseen);
  return LOOKS.flatMap((look): LookValue[] => {
    const left = input.unseen.filter((u) => !opens(look, u, plan));
    const places = new Set(input.unseen.filter((u) => !left.includes(u)).map((u) => u.zone)).size;
    if (places === 0) return [];
    const then = width(left);
    return [
      {
        look,
        places,
        narrows: Math.max(0, now.band - then.band),
        stands: Math.max(0, now.left - then.left),
      },
    ];
  }).sort((a, b) => b.narrows - a.narrows);
}
