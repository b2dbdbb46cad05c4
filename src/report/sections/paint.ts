import { z } from 'zod';
import { MARKS } from '@/core/catalogue/marks';
import { NONE_CAUSES } from '@/core/paint/no-reading';
import { reasonSchema } from '@/core/paint/reasons';
import { recordsOf } from '@/core/records/reduce';
import { estimateSchema } from '@/core/stats/estimate';
import { type ThicknessUnit, thicknessFigure, thicknessSign, thicknessText } from '@/core/units/thickness';
import { capital } from '@/words/capital';
import { colourText } from '@/words/colour';
import { markText } from '@/words/marks';
import { groupedByReasons, whyNotFactoryText } from '@/words/paint';
import { likelyText } from '@/words/report';
import { WAVES_CAUTION, wavesText } from '@/words/waves';
import { zoneName, zoneWords } from '@/words/zones';
import type { Block, Cell } from '../block';
import { defineSection, type SectionView } from '../section';

const NOTHING = { value: null, low: null, high: null, n: 0 };
const chancesSchema = z.object({ factory: z.number(), resprayed: z.number(), heavy: z.number(), filled: z.number() });

const zoneSchema = z.object({
  zone: z.string(),
  n: z.number(),
  over: z.number(),
  none: z.number(),
  medianUm: estimateSchema,
  spread: estimateSchema,
  state: z.record(z.string(), chancesSchema).nullable(),
  job: z.number().nullable(),
  enough: z.boolean(),
  // Reports sealed before these were computed do not have them.
  freeMedianUm: z.number().nullable().optional(),
  above: z
    .array(z.object({ cutUm: z.number(), share: estimateSchema, freeShare: z.number().nullable().optional() }))
    .optional(),
  noneCause: z.enum(NONE_CAUSES).nullable().optional(),
  reasons: z.array(reasonSchema).optional(),
});
type SealedZone = z.infer<typeof zoneSchema>;

const paintSchema = z.object({
  baselineUm: estimateSchema,
  zones: z.array(zoneSchema),
  contrasts: z.array(z.object({ zone: z.string(), twin: z.string(), ratio: estimateSchema, p: z.number() })),
});

type View = SectionView<{ readonly paint: z.infer<typeof paintSchema> }>;

/** Chance of factory paint from which nothing more is said. */
const PLAINLY_FACTORY = 0.9;

function levelText({ value, low, high }: z.infer<typeof estimateSchema>, unit: ThicknessUnit): string {
  return value === null
    ? `above ${thicknessText(low ?? 0, unit)}`
    : `${thicknessFigure(low ?? 0, unit)} to ${thicknessText(high ?? 0, unit)}`;
}

function cells(z: SealedZone, { tables, wording, unit }: View): Cell[] {
  const { value, low, high } = z.medianUm;
  const figure = (um: number | null) => thicknessFigure(um ?? 0, unit);
  return [
    {
      text: zoneName(z.zone, wording),
      swatchUm: value ?? low ?? 0,
      rests: { kinds: ['reading', 'mark', 'waves', 'colour'], zones: [z.zone] },
    },
    { text: value === null ? `≥ ${figure(low)}` : figure(value) },
    { text: value === null ? 'not known' : `${figure(low)}–${figure(high)}` },
    { text: `${z.n}${z.over > 0 ? `, ${z.over} over` : ''}${z.enough ? '' : ' (few)'}` },
    ...tables.profiles.map((p) => ({ text: likelyText(z.state?.[p.id]) })),
  ];
}

/** Film thickness by panel, and why those that are not plainly factory paint are judged so. */
function measured(view: View, zones: readonly SealedZone[]): Block[] {
  const { sealed, tables, wording, unit } = view;
  const school = tables.profiles[0]?.id ?? '';
  const told = zones.filter((z) => (z.reasons?.length ?? 0) > 0 && (z.state?.[school]?.factory ?? 1) < PLAINLY_FACTORY);
  return [
    {
      kind: 'para',
      evidence: 'measured',
      rests: { kinds: ['reading'] },
      text: `The car’s own level is ${levelText(sealed.paint.baselineUm, unit)}. Readings at the gauge’s ceiling count as “at least that much”, never as a figure.`,
    },
    {
      kind: 'table',
      label: 'Paint thickness by panel',
      columns: [
        { name: 'Panel', wide: true },
        { name: `Median, ${thicknessSign(unit)}`, figures: true },
        { name: '8 in 10', figures: true },
        { name: 'Readings', figures: true },
        ...tables.profiles.map((p) => ({ name: `${p.name} school`, wide: true })),
      ],
      rows: zones.map((z) => cells(z, view)),
    },
    ...(told.length > 0
      ? [
          {
            kind: 'folded' as const,
            title: 'Why these panels are not plainly factory paint',
            blocks: [
              {
                kind: 'list' as const,
                style: 'plain' as const,
                items: groupedByReasons(told.map((z) => ({ ...z, reasons: z.reasons! }))).map((own) => ({
                  lead: capital(own.map((z) => zoneWords(z.zone, wording)).join('; ')),
                  text: whyNotFactoryText(
                    own.map((z) => z.reasons),
                    unit,
                    wording.words,
                  ),
                })),
              },
            ],
          },
        ]
      : []),
  ];
}

/** What speaks of the paint beside its thickness: marks, waves, colours. */
function beside({ records, wording }: View): Block[] {
  const marks = recordsOf(records, 'mark');
  const waves = [...recordsOf(records, 'waves')].sort((a, b) => b.body.longMm.value - a.body.longMm.value);
  const colours = recordsOf(records, 'colour');
  const named = (id: string, zone: string, text: string) => ({
    lead: zoneName(zone, wording),
    text,
    rests: { ids: [id] },
  });
  return [
    ...(marks.length > 0
      ? ([
          { kind: 'heading', text: 'Seen for and against factory paint', evidence: 'seen', rests: { kinds: ['mark'] } },
          {
            kind: 'list',
            style: 'plain',
            items: marks.map(({ id, body: { zone, mark, where } }) =>
              named(id, zone, `${MARKS[mark].speaks}: ${markText(mark, wording.words)}${where && `, ${where}`}`),
            ),
          },
        ] as const)
      : []),
    ...(waves.length > 0
      ? ([
          { kind: 'heading', text: 'Waves by reflected stripes, the waviest panel first' },
          { kind: 'list', style: 'ordered', items: waves.map((w) => named(w.id, w.body.zone, wavesText(w.body))) },
          { kind: 'para', tone: 'soft', text: WAVES_CAUTION },
        ] as const)
      : []),
    ...(colours.length > 0
      ? ([
          { kind: 'heading', text: 'Colours compared on photographs' },
          {
            kind: 'list',
            style: 'plain',
            items: colours.map((c) => named(c.id, c.body.zone, colourText(c.body, wording))),
          },
          {
            kind: 'para',
            tone: 'soft',
            text: 'CIEDE2000 with a grey card in the picture. A camera is a screening tool.',
          },
        ] as const)
      : []),
  ];
}

/** What the paint is, panel by panel, judged under each school. */
export const paint = defineSection({
  title: 'Paint thickness',
  sealed: { paint: paintSchema },
  blank: { paint: { baselineUm: NOTHING, zones: [], contrasts: [] } },
  needs: ['paint'],
  seal: ({ judgement: { paint: judged } }) => ({
    paint: {
      baselineUm: judged.baselineUm,
      zones: judged.zones.map(({ lacks: _l, unreadable: _u, ...z }) => ({
        ...z,
        above: [...z.above],
        reasons: [...z.reasons],
        state: z.state as Record<string, z.infer<typeof chancesSchema>> | null,
      })),
      contrasts: judged.contrasts.map(({ zone, twin, ratio, p }) => ({ zone, twin, ratio, p })),
    },
  }),
  blocks: (view) => {
    const zones = view.sealed.paint.zones.filter((z) => z.n > 0);
    return [
      ...(zones.length > 0
        ? measured(view, zones)
        : [{ kind: 'para' as const, text: 'No panel was measured with a thickness gauge.' }]),
      ...beside(view),
    ];
  },
});
