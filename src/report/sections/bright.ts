import { z } from 'zod';
import { completenessOf } from '@/core/bright/ledger';
import type { AnyRecord } from '@/core/kinds';
import { recordsOf } from '@/core/records/reduce';
import { dateSays } from '@/core/wheels/model';
import { dayText } from '@/words/dates';
import { BASE_WORDS, oddPaneText, PRESENCE_WORDS, pieceName, pieceRemedyText, pieceText } from '@/words/pieces';
import { plural } from '@/words/plural';
import { platingText, SHARE_CAUTION } from '@/words/shares';
import { respelt, type Vocabulary } from '@/words/vocabulary';
import { ageText, MATCH_WORDS, TIRE_CAUTION, tireSays, tireText, WHEELS_TITLE } from '@/words/wheels';
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
const tireSchema = z.object({
  record: z.string(),
  zone: z.string().nullable(),
  made: z.object({ madeFrom: z.string(), madeTo: z.string(), decadeOpen: z.boolean() }).nullable(),
  offPlacard: z.string().nullable(),
  weaker: z.string().nullable().default(null),
  worn: z.enum(['worn-out', 'near', 'good', 'unmeasured']),
  refused: z.boolean(),
});
const wheelsSchema = z.object({
  match: z.enum(['all', 'by-axle', 'mixed']).nullable(),
  leastTreadMm: z.number(),
  lookYearlyYears: z.number(),
  notReliedOnYears: z.number(),
  tires: z.array(tireSchema),
});
type SealedWheels = z.infer<typeof wheelsSchema>;

const ledgerSchema = z.object({
  counts: z.object({
    fitted: z.number().int(),
    along: z.number().int(),
    missing: z.number().int(),
    wrong: z.number().int(),
    unsaid: z.number().int(),
  }),
  lines: z.array(lineSchema),
  odd: z.array(z.object({ zone: z.string(), says: z.string() })).default([]),
});
type SealedLedger = z.infer<typeof ledgerSchema>;

/** Tires as they were read, with their age on the sale day. */
function wheelBlocks(
  w: SealedWheels,
  records: readonly AnyRecord[],
  onDay: string,
  words: Vocabulary,
  nameOf: (zone: string) => string,
): Block[] {
  if (w.tires.length === 0) return [];
  const read = new Map(recordsOf(records, 'tire').map((t) => [t.id, t.body]));
  const cell = (text: string) => ({ text });
  const age = (t: SealedWheels['tires'][number]) =>
    t.made ? ageText(t.made, onDay) : t.refused ? 'code not read as one' : 'not known';
  return [
    { kind: 'heading', text: respelt(WHEELS_TITLE, words), evidence: 'measured', rests: { kinds: ['tire'] } },
    ...(w.match ? [{ kind: 'para' as const, text: respelt(MATCH_WORDS[w.match], words) }] : []),
    {
      kind: 'table',
      label: `${respelt(WHEELS_TITLE, words)}, with their age on ${dayText(onDay)}`,
      columns: [
        { name: 'Wheel' },
        { name: 'As read', wide: true },
        { name: 'Age' },
        { name: 'What follows', wide: true },
      ],
      rows: w.tires.flatMap((t) => {
        const body = read.get(t.record);
        if (!body) return [];
        const says = dateSays(t.made, t.refused, onDay, w);
        return [
          [
            { ...cell(t.zone ? nameOf(t.zone) : 'Spare'), rests: { ids: [t.record] } },
            cell(tireText(body)),
            cell(age(t)),
            cell(tireSays({ ...t, body }, says, w.leastTreadMm)),
          ],
        ];
      }),
    },
    { kind: 'para', tone: 'soft', text: respelt(TIRE_CAUTION, words) },
  ];
}

function ledgerBlocks(
  { counts, lines, odd }: SealedLedger,
  says: ReadonlyMap<string, string>,
  nameOf: (zone: string) => string,
): Block[] {
  if (lines.length === 0) return [];
  // Pieces of which there is nothing more to say than that they are there are named together.
  const plain = lines.filter((l) => says.get(l.record) === PRESENCE_WORDS.fitted);
  const told = lines.filter((l) => !plain.includes(l));
  const nameOfPiece = (l: SealedLedger['lines'][number]) => pieceName(l.zone ? nameOf(l.zone) : '', l.name);
  const cell = (text: string) => ({ text });
  const ledgerTable: Block = {
    kind: 'table',
    label: 'Ledger of pieces',
    columns: [
      { name: 'Piece' },
      { name: 'Made of' },
      { name: 'How it is', wide: true },
      { name: 'What puts it right', wide: true },
    ],
    rows: told.map((l) => [
      { ...cell(nameOfPiece(l)), rests: { ids: [l.record] } },
      cell(l.made),
      cell(says.get(l.record) ?? ''),
      cell(l.remedy),
    ]),
  };
  return [
    { kind: 'heading', text: 'Pieces and what comes along', evidence: 'seen', rests: { kinds: ['piece'] } },
    {
      kind: 'para',
      text: `${counts.fitted} fitted, ${counts.along} come along, ${counts.missing} missing, ${counts.wrong} not the right one${counts.unsaid > 0 ? `; of ${counts.unsaid} nothing was said` : ''}.`,
    },
    ...(told.length > 0 ? [ledgerTable] : []),
    ...(odd.length > 0
      ? [
          {
            kind: 'list' as const,
            style: 'bullets' as const,
            items: odd.map((o) => ({ lead: `${nameOf(o.zone)}: `, text: o.says })),
          },
        ]
      : []),
    ...(plain.length > 0
      ? [
          {
            kind: 'folded' as const,
            title: `${plural(plain.length, 'piece')} fitted, nothing said against ${plain.length === 1 ? 'it' : 'them'}`,
            blocks: [{ kind: 'para' as const, text: `${plain.map(nameOfPiece).join('; ')}.` }],
          },
        ]
      : []),
  ];
}

/** How far plated pieces are gone, off pictures, the worst first; the ledger of pieces; what comes along. */
export const bright = defineSection({
  title: 'Bright and glass',
  sealed: { ledger: ledgerSchema.optional(), wheels: wheelsSchema.optional() },
  blank: { ledger: undefined, wheels: undefined },
  seal: ({ judgement: { bright: judged, wheels } }) => ({
    wheels: {
      match: wheels.match,
      leastTreadMm: wheels.limits.leastTreadMm,
      lookYearlyYears: wheels.limits.lookYearlyYears,
      notReliedOnYears: wheels.limits.notReliedOnYears,
      tires: wheels.tires.map(({ id, zone, made, offPlacard, weaker, worn, refused }) => ({
        record: id,
        zone,
        made: made && { madeFrom: made.madeFrom, madeTo: made.madeTo, decadeOpen: made.decadeOpen },
        offPlacard,
        weaker,
        worn,
        refused: refused !== null,
      })),
    },
    ledger: {
      odd: judged.oddPanes.map((o) => ({ zone: o.line.zone!, says: oddPaneText(o) })),
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
  blocks: ({ sealed, records, wording, onDay }) => {
    const platings = [...recordsOf(records, 'plating')].sort((a, b) => b.body.areaShare - a.body.areaShare);
    const says = new Map(recordsOf(records, 'piece').map((p) => [p.id, pieceText(p.body)]));
    return [
      ...(platings.length > 0
        ? ([
            {
              kind: 'heading',
              text: 'Plating measured on pictures',
              evidence: 'measured',
              rests: { kinds: ['plating'] },
            },
            {
              kind: 'list',
              style: 'plain',
              items: platings.map(({ id, body }) => ({
                rests: { ids: [id] },
                lead: `${zoneName(body.zone, wording)}: `,
                text: platingText(body),
              })),
            },
            { kind: 'pictures', pictures: sharePictures(platings, records, wording) },
            { kind: 'para', tone: 'soft', text: SHARE_CAUTION },
          ] as const)
        : []),
      ...(sealed.wheels
        ? wheelBlocks(sealed.wheels, records, onDay, wording.words, (zone) => zoneName(zone, wording))
        : []),
      ...(sealed.ledger ? ledgerBlocks(sealed.ledger, says, (zone) => zoneName(zone, wording)) : []),
    ];
  },
});
