import type { Zone } from '../body/zone';
import { flawById } from '../catalogue/flaws/by-id';
import type { Family } from '../catalogue/flaws/flaw';
import type { RemedyId } from '../catalogue/remedies';
import type { Finding } from '../kinds/finding';

/** Something about a car that could be put right. */
export interface Thing {
  /** The record's id, or a name that stays the same while it stands: `works:clock`, `leak:engine.pan`. */
  readonly key: string;
  readonly sort: 'finding' | 'function' | 'leak' | 'piece' | 'tire' | 'hang';
  readonly zone: Zone;
  /** Of the car's catalogue: the flaw of a finding, the function, the place of the leak graph, the piece. */
  readonly of: string;
  readonly family: Family;
  readonly finding: Finding | null;
  /** What fits it and how much of it, where no finding is to be asked. */
  readonly remedy: RemedyId | null;
  readonly times: number;
  /** Driving depends on it, as the house's table of functions says. */
  readonly safety?: boolean;
  /** By rule it stays and is said: it is lived with for less than mending it takes. */
  readonly livedWith?: boolean;
  /** Names of what else is put right with it: what was measured of the same fault, and where its leak ran to. */
  readonly also?: readonly string[];
}

export const ofFinding = (key: string, finding: Finding, zone: Zone): Thing => ({
  key,
  sort: 'finding',
  zone,
  of: finding.flaw,
  family: flawById(finding.flaw).family,
  finding,
  remedy: null,
  times: 1,
});
