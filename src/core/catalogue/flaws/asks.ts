import { flawById } from './by-id';
import type { Family } from './flaw';

/** What can be said of a finding beside what it is, where, how known and in a note. */
export const ASKS = [
  'count',
  'size',
  'share',
  'from',
  'edge',
  'touched',
  'magnet',
  'moving',
  'joint',
  'thing',
] as const;
export type Ask = (typeof ASKS)[number];

/** What is worth asking of each family: a dead clock has no size, rust is tried with a magnet. */
const OF_FAMILY: Readonly<Record<Family, readonly Ask[]>> = {
  finish: ['count', 'size', 'share', 'from', 'edge', 'touched'],
  shape: ['count', 'size', 'from', 'edge'],
  metal: ['count', 'size', 'share', 'edge', 'magnet', 'moving'],
  brightwork: ['count', 'size', 'share', 'from'],
  glass: ['count', 'size', 'from'],
  soft: ['count', 'size', 'share'],
  missing: ['count'],
  function: ['thing'],
  paper: [],
};

/** What to ask of a flaw, by its family. */
export function asksOf(flaw: string): ReadonlySet<Ask> {
  const { family, patch } = flawById(flaw);
  return new Set([...OF_FAMILY[family], ...(patch ? (['joint'] as const) : [])]);
}
