import { z } from 'zod';
import type { Plan } from '../body/plan';
import { DEFAULT_PIECES, type PieceTable, pieceTableSchema } from '../catalogue/pieces';
import { aspectOf } from '../coverage/coverage';
import type { AnyRecord } from '../kinds';
import { defineModel, lacking, type PlannedCar } from '../model/model';
import { defineTable } from '../model/table';
import { recordsOf } from '../records/reduce';
import { ledgerOf, oddPanes } from './ledger';
import { incompleteShare, lossesOfPieces, pieceLosses } from './piece-losses';
import { platingRating } from './rating';

const lossesSchema = z.object({
  source: z.string(),
  /** Share of redoing the plating of a place that is lost at each rating, from 0 to 10 (ISO 10289). */
  byRating: z.array(z.number().min(0).max(1)).length(11),
});

const NOTHING_SPOKEN: ReadonlySet<string> = new Set();

/** Flaws that say the same of the same place in words: then these count, and not the picture too. */
const SAID_TOO: ReadonlySet<string> = new Set(['pitting', 'plating-peels']);

/** Zone × aspect of which findings speak. */
const spoken = (plan: Plan, records: readonly AnyRecord[]): ReadonlySet<string> =>
  new Set(
    recordsOf(records, 'finding').flatMap(({ body }) => {
      const zone = plan.zones.get(body.zone);
      return zone ? [`${zone.slug}/${aspectOf(body.flaw, zone)}`] : [];
    }),
  );

/** How far plated pieces are gone, by what was read off pictures. */
export const bright = defineModel({
  reads: ['plating', 'finding', 'piece', 'visit'],
  tables: {
    pieces: defineTable<PieceTable>({ stored: 'bright-pieces', schema: pieceTableSchema, defaults: DEFAULT_PIECES }),
    pieceLosses,
    platingLosses: defineTable({
      stored: 'plating-losses',
      schema: lossesSchema,
      defaults: {
        source: 'house starting values',
        byRating: [1, 0.95, 0.85, 0.7, 0.55, 0.42, 0.3, 0.2, 0.1, 0.04, 0],
      },
    }),
  },
  judge: ({ plan, records, car }: PlannedCar, { pieces }) => {
    const said = new Set(
      recordsOf(records, 'finding')
        .filter((f) => SAID_TOO.has(f.body.flaw))
        .map((f) => f.body.zone),
    );
    const worst = new Map<string, number>();
    for (const { body } of recordsOf(records, 'plating'))
      if (plan.zones.has(body.zone)) worst.set(body.zone, Math.max(worst.get(body.zone) ?? 0, body.areaShare));
    const ledger = ledgerOf(plan, records, car, pieces);
    // Of cars whose pieces nobody spoke of, made ones among them, nothing follows from the ledger.
    const begun = recordsOf(records, 'piece').length > 0;
    return {
      worst,
      said,
      begun,
      spoken: begun ? spoken(plan, records) : NOTHING_SPOKEN,
      ledger,
      oddPanes: begun ? oddPanes(ledger) : [],
    };
  },
  losses: ({ worst, said, begun, spoken: told, ledger }, { platingLosses: t, pieceLosses: p }) => [
    ...[...worst].flatMap(([zone, share]) => {
      if (said.has(zone)) return [];
      return [{ zone, aspect: 'brightwork' as const, share: t.byRating[platingRating(share)]! }];
    }),
    ...(begun
      ? lossesOfPieces(
          ledger,
          (zone, aspect) => told.has(`${zone}/${aspect}`) || (aspect === 'brightwork' && worst.has(zone)),
          p,
        )
      : []),
  ],
  parts: ({ ledger, begun }, { pieceLosses: p }, { plan }) => {
    const share = begun ? incompleteShare(ledger, p) : null;
    const at = [...plan.zones.values()].find((z) => z.aspects.includes('identity'));
    return share === null || !at
      ? []
      : [
          {
            zone: at.slug,
            of: 'completeness',
            axis: 'authenticity' as const,
            like: 'identity' as const,
            weight: p.completenessWeighs,
            share,
            sort: 'incomplete' as const,
          },
        ];
  },
  missing: {
    'pieces-unsaid': (judged, { records }) => {
      // Asked only of a ledger that was begun: a school may do without one.
      const open = judged && recordsOf(records, 'piece').length > 0 ? judged.ledger.filter((l) => !l.record) : [];
      return lacking(open.length, { detail: open.find((l) => l.zone)?.zone ?? '' });
    },
  },
});
export type JudgedBright = ReturnType<typeof bright.judge>;
