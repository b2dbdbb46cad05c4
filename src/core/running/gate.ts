import { GATE_ASKS, type GateAsk } from '../catalogue/run-words';
import type { StoredRecord } from '../kinds';

/** What of the records forbids a drive whatever is answered. */
export const FORBIDS = [
  'running-gear',
  'structure',
  'brakes',
  'fuel',
  'fluid',
  'tires',
  'safety-function',
  'leave',
  'does-not-run',
] as const;
export type Forbid = (typeof FORBIDS)[number];

export interface RoadGate {
  /** What records forbid, with the strongest first. */
  readonly forbids: readonly Forbid[];
  /** Answered with no, and not answered yet. */
  readonly no: readonly GateAsk[];
  readonly open: readonly GateAsk[];
  /** Every question answered with yes, and nothing forbids. */
  readonly free: boolean;
}

/** The gate before a road test: any no, and it is not driven. What is recorded already answers for itself. */
export function roadGate(road: StoredRecord<'road'>['body'] | null, forbids: readonly Forbid[]): RoadGate {
  const no = GATE_ASKS.filter((a) => road?.gate[a] === 'no');
  const open = GATE_ASKS.filter((a) => road?.gate[a] === undefined);
  return { forbids, no, open, free: forbids.length === 0 && no.length === 0 && open.length === 0 };
}
