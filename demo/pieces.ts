import { ledgerOf } from '../src/core/bright/ledger';
import { DEFAULT_PIECES } from '../src/core/catalogue/pieces';
import type { BodyOf } from '../src/core/kinds';
import type { DemoVisit } from './visit';

/** Says every piece of the car: those named as they are, the others as fitted. A null leaves a piece unsaid. */
export function sayPieces(v: DemoVisit, car: BodyOf<'car'>, named: Readonly<Record<string, object | null>>): void {
  const lines = ledgerOf(v.plan, [], car, DEFAULT_PIECES);
  const odd = Object.keys(named).find((id) => !lines.some((l) => l.id === id));
  if (odd) throw new Error(`the demo names a piece that the car does not have: ${odd}`);
  for (const { id, piece, zone } of lines)
    if (named[id] !== null) v.put('piece', { zone, piece, presence: 'fitted', ...named[id], at: v.at() });
}
