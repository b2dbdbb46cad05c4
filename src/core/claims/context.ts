import type { Plan } from '../body/plan';
import type { findings } from '../findings/model';
import type { fit } from '../fit/model';
import type { functions } from '../functions/model';
import type { JudgedIdentity } from '../identity/model';
import type { AnyRecord, BodyOf } from '../kinds';
import type { metal } from '../metal/model';
import type { JudgedBy } from '../model/model';
import type { PaintAnalysis } from '../paint/analyse';

/** A mark that follows from what was measured or entered elsewhere, with the records on which it rests. */
export interface RecordMark {
  readonly id: string;
  /** Where on the car; null: nowhere on it. */
  readonly zone: string | null;
  readonly records: readonly string[];
  /** It rests on a finding that is withheld: it counts, and is not named. */
  readonly withheld: boolean;
}

/** How far the car was looked at for a claim about all of it. */
export interface Reach {
  readonly seen: number;
  readonly of: number;
  readonly unseen: readonly string[];
}

export interface ClaimContext {
  readonly plan: Plan;
  readonly records: readonly AnyRecord[];
  readonly car: BodyOf<'car'> | null;
  readonly paint: PaintAnalysis;
  readonly metal: JudgedBy<typeof metal>;
  readonly fit: JudgedBy<typeof fit>;
  readonly functions: JudgedBy<typeof functions>;
  readonly findings: JudgedBy<typeof findings>;
  readonly identity: JudgedIdentity;
}
/** From which chance on a panel's paint is called later, filled, or the works'. */
export const CHANCE = { later: 0.15, filled: 0.5, works: 0.75 } as const;
/** Shares of the panels, or of the weak places, that are nearly all and most. */
export const NEARLY_ALL = 0.9;
export const MOST = 0.6;

/** Painted panels outside with the chance that their film is the works', under the school that asks for it. */
export function panels({ plan, paint }: ClaimContext) {
  const own = new Map(paint.zones.map((z) => [z.zone, z]));
  return [...plan.zones.values()]
    .filter((z) => z.view === 'outside' && z.aspects.includes('paint'))
    .map(({ slug }) => ({ slug, state: own.get(slug)?.state?.survivor ?? null }));
}
