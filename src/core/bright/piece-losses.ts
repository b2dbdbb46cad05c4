import { z } from 'zod';
import { PIECE_FAULTS, type PieceFault, pieceAspectOf } from '../catalogue/pieces';
import type { Loss } from '../model/model';
import { defineTable } from '../model/table';
import { takenTogether } from '../model/together';
import type { LedgerLine } from './ledger';

const share = z.number().min(0).max(1);

export const pieceLosses = defineTable({
  stored: 'piece-losses',
  schema: z.object({
    source: z.string(),
    /** Share of a piece that is lost where it is missing, is not the right one, or comes along unfitted. */
    missing: share,
    wrong: share,
    along: share,
    /** Share that each fault takes of it. */
    faults: z.record(z.enum(PIECE_FAULTS), share),
    /** What a piece that is hard to find weighs against another in how complete the car is. */
    scarceWeighs: z.number().positive(),
    /** What completeness weighs beside the identity of a place, as a share of that. */
    completenessWeighs: z.number().min(0).max(5),
  }),
  defaults: {
    source: 'house starting values',
    missing: 0.9,
    wrong: 0.3,
    along: 0.1,
    scarceWeighs: 3,
    completenessWeighs: 0.5,
    faults: {
      pitted: 0.4,
      rusty: 0.5,
      peeling: 0.5,
      cloudy: 0.2,
      dented: 0.3,
      scratched: 0.12,
      wavy: 0.15,
      'over-polished': 0.1,
      'shade-differs': 0.08,
      'rust-behind': 0.25,
      loose: 0.06,
      broken: 0.9,
      'infill-gone': 0.12,
      cracked: 0.9,
      crazed: 0.4,
      chipped: 0.1,
      moisture: 0.3,
      faded: 0.2,
      'wiper-arc': 0.12,
      delaminated: 0.6,
      'heater-broken': 0.1,
      'tint-film': 0.06,
      'sealer-smeared': 0.05,
      hardened: 0.6,
      torn: 0.8,
      'painted-over': 0.15,
      'pulled-out': 0.1,
      flattened: 0.4,
      worn: 0.3,
      'seam-open': 0.2,
      stained: 0.12,
      shrunk: 0.7,
      yellowed: 0.6,
      bent: 0.3,
      'latch-loose': 0.12,
      bubbled: 0.5,
      'drain-blocked': 0.08,
      'sealed-shut': 0.1,
    } satisfies Record<PieceFault, number>,
  },
});
export type PieceLosses = (typeof pieceLosses)['defaults'];

/** What a piece has lost of itself, 0 to 1; what is not there is lost as a whole, and faults never take it twice. */
function lostOf({ record }: LedgerLine, t: PieceLosses): number {
  if (!record || record.body.presence === 'fitted')
    return takenTogether((record?.body.faults ?? []).map((f) => t.faults[f] ?? 0));
  return t[record.body.presence];
}

/**
 * What the pieces of a car cost the places at which they sit: each its share of the place, alike among those of one aspect
 * there. A place of which a finding or a picture speaks already is left to that. Missing and wrong pieces are told as such,
 * because schools disagree about them.
 */
export function lossesOfPieces(
  lines: readonly LedgerLine[],
  saidOtherwise: (zone: string, aspect: string) => boolean,
  t: PieceLosses,
): readonly Loss[] {
  const here = new Map<string, number>();
  const keyOf = (l: LedgerLine) => `${l.zone}/${pieceAspectOf(l.of)}`;
  for (const l of lines) here.set(keyOf(l), (here.get(keyOf(l)) ?? 0) + 1);
  return lines.flatMap((l): Loss[] => {
    const aspect = pieceAspectOf(l.of);
    if (l.zone === null || !l.record || saidOtherwise(l.zone, aspect)) return [];
    const lost = lostOf(l, t) / here.get(keyOf(l))!;
    if (lost === 0) return [];
    const gone = l.record.body.presence === 'missing' || l.record.body.presence === 'wrong';
    return [{ zone: l.zone, aspect, share: lost, ...(gone && { sort: 'incomplete' as const }) }];
  });
}

/** Share of a car's pieces that is missing, or not the right one, by what they weigh; null where nobody said any. */
export function incompleteShare(lines: readonly LedgerLine[], t: PieceLosses): number | null {
  const weightOf = (l: LedgerLine) => (l.of.scarce ? t.scarceWeighs : 1);
  const said = lines.filter((l) => l.record);
  if (said.length === 0) return null;
  const whole = said.reduce((s, l) => s + weightOf(l), 0);
  const lost = said.reduce((s, l) => {
    const { presence } = l.record!.body;
    return s + (presence === 'missing' ? t.missing : presence === 'wrong' ? t.wrong : 0) * weightOf(l);
  }, 0);
  return lost / whole;
}
