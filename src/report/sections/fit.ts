import { z } from 'zod';
import type { CarFit } from '@/core/fit/car-fit';
import { FIT_HINTS } from '@/core/fit/hints';
import { FIT_VERDICTS } from '@/core/fit/panel-fit';
import { recordsOf } from '@/core/records/reduce';
import { estimateSchema } from '@/core/stats/estimate';
import { correctionText, FIT_VERDICT_WORDS, hintText, seamName, shutText, stanceText } from '@/words/fit';
import { standoffText } from '@/words/standoff';
import { zoneName } from '@/words/zones';
import type { Block, Cell, SeamRow } from '../block';
import { defineSection, type SectionView } from '../section';

const movementSchema = z.object({ dxMm: z.number(), dyMm: z.number(), dzMm: z.number() });

const seamSchema = z.object({
  seam: z.string(),
  nominalMm: z.number(),
  meanMm: estimateSchema,
  rangeMm: z.number(),
  within: z.number().nullable(),
  worstFlushMm: z.number().nullable(),
  // Reports sealed before these were kept do not have them.
  goodMm: z.number().optional(),
  flushGoodMm: z.number().optional(),
  stations: z
    .array(z.object({ sMm: z.number(), gapMm: z.number().nullable(), flushMm: z.number().nullable() }))
    .optional(),
});
type SealedSeam = z.infer<typeof seamSchema>;

const fitSchema = z.object({
  seams: z.array(seamSchema),
  panels: z.array(
    z.object({
      zone: z.string(),
      verdict: z.enum(FIT_VERDICTS),
      explained: z.number(),
      residualMm: z.number(),
      hinges: z.record(z.string(), movementSchema),
      latch: movementSchema.optional(),
    }),
  ),
  hints: z.array(z.object({ kind: z.enum(FIT_HINTS), zones: z.array(z.string()), figuresMm: z.array(z.number()) })),
});
type SealedFit = z.infer<typeof fitSchema>;

/** What was measured of the fit; nothing when nothing was. */
function sealFit({ seams, panels, hints }: CarFit): SealedFit | undefined {
  if (seams.length === 0) return undefined;
  return {
    seams: seams.map(({ seam, nominalMm, goodMm, flushGoodMm, meanMm, rangeMm, within, worstFlushMm, stations }) => ({
      seam,
      nominalMm,
      meanMm,
      rangeMm,
      within,
      worstFlushMm,
      goodMm,
      flushGoodMm,
      stations: stations.map((s) => ({ sMm: s.sMm, gapMm: s.gap?.value ?? null, flushMm: s.flushMm })),
    })),
    panels: panels.flatMap(({ zone, fit }) =>
      fit.ok
        ? [
            {
              zone,
              verdict: fit.verdict,
              explained: fit.explained,
              residualMm: fit.residualMm,
              latch: fit.latch,
              hinges: Object.fromEntries(
                Object.entries(fit.hinges).map(([name, { dxMm, dyMm, dzMm }]) => [name, { dxMm, dyMm, dzMm }]),
              ),
            },
          ]
        : [],
    ),
    hints: hints.map(({ kind, zones, figuresMm }) => ({ kind, zones: [...zones], figuresMm: [...figuresMm] })),
  };
}

/** The nominal gaps that the seams were judged by: "4.5 mm", "4.5 and 6 mm by seam". */
function nominalsText(seams: readonly SealedSeam[]): string {
  const all = [...new Set(seams.map((s) => s.nominalMm))];
  return all.length === 1 ? `${all[0]} mm` : `${all.join(' and ')} mm by seam`;
}

/** The seams for the plan; those sealed before their places were kept are not drawn. */
const drawn = (seams: readonly SealedSeam[]): SeamRow[] =>
  seams.flatMap(({ goodMm, flushGoodMm, stations, ...s }) =>
    goodMm === undefined || flushGoodMm === undefined || !stations
      ? []
      : [
          {
            ...s,
            goodMm,
            flushGoodMm,
            stations: stations.map(({ gapMm, ...p }) => ({ ...p, gap: gapMm === null ? null : { value: gapMm } })),
          },
        ],
  );

type View = SectionView<{ readonly fit?: SealedFit | undefined }>;

function cells({ seam, meanMm: { value, low, high }, ...s }: SealedSeam, { wording }: View): Cell[] {
  const mm = (v: number | null) => v?.toFixed(1) ?? '–';
  return [
    { text: seamName(seam, wording), rests: { kinds: ['gap'], seam } },
    { text: mm(value) },
    { text: low === null ? '–' : `${mm(low)}–${mm(high)}` },
    { text: mm(s.rangeMm) },
    { text: s.within === null ? '–' : `${Math.round(100 * s.within)} %` },
    { text: s.worstFlushMm === null ? '–' : `${mm(Math.abs(s.worstFlushMm))} mm` },
  ];
}

function measured(view: View, fit: SealedFit): Block[] {
  const { plan, wording } = view;
  const seams = drawn(fit.seams);
  return [
    {
      kind: 'para',
      evidence: 'measured',
      rests: { kinds: ['gap'] },
      text: `Gaps are judged against the era of the car (${nominalsText(fit.seams)}) and against its own other side, not against a modern car.`,
    },
    ...(seams.length > 0
      ? [
          {
            kind: 'plan' as const,
            view: 'outside' as const,
            title: 'Plan of the seams',
            caption:
              'Mean gap in mm. Notches are the places measured: pale near the nominal gap, dark at the tolerance and beyond. Dashed seams were not measured.',
            pins: [],
            bare: [],
            blocked: [],
            seams,
          },
        ]
      : []),
    {
      kind: 'table',
      label: 'Gaps by seam',
      columns: [
        { name: 'Seam', wide: true },
        ...['Mean, mm', '8 in 10', 'Range', 'In tolerance', 'Flush within'].map((name) => ({ name, figures: true })),
      ],
      rows: fit.seams.map((s) => cells(s, view)),
    },
    ...(fit.panels.length > 0
      ? [
          {
            kind: 'list' as const,
            style: 'plain' as const,
            evidence: 'inferred' as const,
            items: fit.panels.map((p) => ({
              lead: zoneName(p.zone, wording),
              rests: { kinds: ['gap', 'shut'] as const, zones: [p.zone] },
              text: `${FIT_VERDICT_WORDS[p.verdict]}.${p.verdict === 'adjust' ? ` ${correctionText(plan.zones.get(p.zone)?.hung, p.hinges, p.latch)}` : ''}`,
            })),
          },
        ]
      : []),
    ...(fit.hints.length > 0
      ? [
          {
            kind: 'para' as const,
            evidence: 'inferred' as const,
            rests: { kinds: ['gap', 'stance'] as const },
            text: fit.hints.map((h) => hintText(h, wording)).join(' '),
          },
        ]
      : []),
  ];
}

/** How the panels meet: each measured seam, where panels hang, what shuts how. Nothing where nothing was measured. */
export const fit = defineSection({
  title: 'Panel fit',
  // Reports sealed before fit was measured do not have it.
  sealed: { fit: fitSchema.optional() },
  blank: { fit: undefined },
  seal: ({ judgement }) => ({ fit: sealFit(judgement.fit) }),
  blocks: (view) => {
    const { sealed, records, wording } = view;
    const shuts = recordsOf(records, 'shut');
    const stance = recordsOf(records, 'stance').at(-1);
    const standoff = recordsOf(records, 'standoff').at(-1);
    return [
      ...(sealed.fit ? measured(view, sealed.fit) : []),
      ...(shuts.length > 0
        ? [
            {
              kind: 'list' as const,
              style: 'plain' as const,
              items: shuts.map((s) => ({
                lead: zoneName(s.body.zone, wording),
                text: `${shutText(s.body)}.`,
                rests: { ids: [s.id] },
              })),
            },
          ]
        : []),
      ...(standoff
        ? [
            {
              kind: 'para' as const,
              evidence: 'seen' as const,
              rests: { ids: [standoff.id] },
              text: `From a distance: ${standoffText(standoff.body)}.`,
            },
          ]
        : []),
      ...(stance ? [{ kind: 'para' as const, text: `Height of the wheel arches: ${stanceText(stance.body)}.` }] : []),
    ];
  },
});
