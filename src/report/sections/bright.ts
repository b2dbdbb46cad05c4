import { z } from 'zod';
import { completenessOf } from '@/core/bright/ledger';
import { recordsOf } from '@/core/records/reduce';
import { BASE_WORDS, pieceName, pieceRemedyText, pieceText } from '@/words/pieces';
import { platingText, SHARE_CAUTION } from '@/words/shares';
import { zoneName } from '@/words/zones';
import type { Block } from '../block';
import { defineSection } from '../section';
import { sharePictures } from '../share-picture';

/** What of a ledger's line is sealed: its names are the house's and may change. */
const lineSchema = z.object({
  record: z.string(),
  zone: z.string().nullable(),
  name: z.string(),
  made: z.string(),
  remedy: z.string(),
});
const ledgerSchema = z.object({
  counts: z.object({
    fitted: z.number().int(),
    along: z.number().int(),
    missing: z.number().int(),
    wrong: z.number().int(),
    unsaid: z.number().int(),
  }),
  lines: z.array(lineSchema),
});
type SealedLedger = z.infer<typeof ledgerSchema>;

function ledgerBlocks(
  { counts, lines }: SealedLedger,
  says: ReadonlyMap<string, string>,
  nameOf: (zone: string) => string,
): Block[] {
  if (lines.length === 0) return [];
  const cell = (text: string) => ({ text });
  return [
    { kind: 'heading', text: 'Pieces and what comes along', evidence: 'seen' },
    {
      kind: 'para',
      text: `${counts.fitted} fitted, ${counts.along} come along, ${counts.missing} missing, ${counts.wrong} not the right one; of ${counts.unsaid} nothing was said.`,
    },
    {
      kind: 'table',
      label: 'Ledger of pieces',
      columns: [
        { name: 'Piece' },
        { name: 'Made of' },
        { name: 'How it is', wide: true },
        { name: 'What puts it right', wide: true },
      ],
      rows: lines.map((l) => [
        cell(pieceName(l.zone ? nameOf(l.zone) : '', l.name)),
        cell(l.made),
        cell(says.get(l.record) ?? ''),
        cell(l.remedy),
      ]),
    },
  ];
}

/** How far plated pieces are gone, off pictures, the worst first; the ledger of pieces; what comes along. */
export const bright = defineSection({
  title: 'Bright and glass',
  sealed: { ledger: ledgerSchema.optional() },
  blank: { ledger: undefined },
  seal: ({ judgement: { bright: judged } }) => ({
    ledger: {
      counts: completenessOf(judged.ledger),
      lines: judged.ledger.flatMap((l) =>
        l.record
          ? [
              {
                record: l.record.id,
                zone: l.zone,
                name: l.of.name,
                made: l.of.base ? BASE_WORDS[l.of.base] : '',
                remedy: pieceRemedyText(l.of, l.record.body.faults),
              },
            ]
          : [],
      ),
    },
  }),
  blocks: ({ sealed, records, wording }) => {
    const platings = [...recordsOf(records, 'plating')].sort((a, b) => b.body.areaShare - a.body.areaShare);
    const says = new Map(recordsOf(records, 'piece').map((p) => [p.id, pieceText(p.body)]));
    return [
      ...(platings.length > 0
        ? ([
            { kind: 'heading', text: 'Plating measured on pictures', evidence: 'measured' },
            {
              kind: 'list',
              style: 'plain',
              items: platings.map(({ body }) => ({
                lead: `${zoneName(body.zone, wording)}: `,
                text: platingText(body),
              })),
            },
            { kind: 'pictures', pictures: sharePictures(platings, records, wording) },
            { kind: 'para', tone: 'soft', text: SHARE_CAUTION },
          ] as const)
        : []),
      ...(sealed.ledger ? ledgerBlocks(sealed.ledger, says, (zone) => zoneName(zone, wording)) : []),
    ];
  },
});
