import { z } from 'zod';
import { AXES } from '@/core/catalogue/axes';
import type { Tables } from '@/core/grade/all-tables';
import type { Grade } from '@/core/grade/grade';
import { lensDifference } from '@/core/grade/lens-difference';
import { LENSES, type Lens } from '@/core/grade/tables';
import { toldLosses } from '@/core/grade/told-losses';
import { recordsOf } from '@/core/records/reduce';
import { estimateSchema } from '@/core/stats/estimate';
import { capital } from '@/words/capital';
import {
  AXIS_WORDS,
  bandCaveat,
  bandDoubt,
  bandPromise,
  bandText,
  endingText,
  gateText,
  gradeFigures,
  LENS_WORDS,
  lensDifferenceText,
  rankIsSaid,
  unblockText,
} from '@/words/grade';
import { zoneName } from '@/words/zones';
import type { BandRow, Block } from '../block';
import { defineSection, type SectionView } from '../section';
import { stripOf } from '../strip';
import { whatItIs } from '../what-it-is';
import { lossBlocks, NOT_SEEN, toldLossSchema } from './loss-blocks';

const shareSchema = z.object({ seen: z.number(), blocked: z.number(), cells: z.number() });
type Share = z.infer<typeof shareSchema>;
interface Coverage {
  readonly whole: Share;
  readonly byView: Readonly<Record<string, Share>>;
}
const graded = { grade: estimateSchema, forItsYears: z.number(), capped: z.boolean() };

/** Places whose look would narrow the grade most, told in a report. */
const NARROWS_TOLD = 5;

function narrowsOf({
  sealed,
  wording,
}: SectionView<{ narrows?: { zone: string; blocked: string | null }[] | undefined }>): Block[] {
  const { narrows = [] } = sealed;
  if (narrows.length === 0) return [];
  return [
    { kind: 'heading', text: 'What a look would narrow most' },
    {
      kind: 'list',
      style: 'bullets',
      items: narrows.map(({ zone, blocked }) => ({
        text: blocked ? `${zoneName(zone, wording)}: ${unblockText(blocked)}` : zoneName(zone, wording),
      })),
    },
  ];
}

/** What the bands of a grade promise, where enough was seen to name one. */
function promisesOf(
  { coverage, presentsCleanFromM }: { coverage: { whole: { seen: number } }; presentsCleanFromM: number },
  w: { lens: Lens; bands?: string[] | undefined },
  fromSeen: number | undefined,
): string[] {
  if (!w.bands || !rankIsSaid(coverage.whole.seen, fromSeen ?? 0)) return [];
  const said = w.bands.flatMap((b) => {
    const promise = bandPromise(b);
    const caveat = bandCaveat(b, w.lens, presentsCleanFromM);
    return [...(promise ? [`${b}: ${promise}.`] : []), ...(caveat ? [caveat] : [])];
  });
  // Two bands have the same caveat: it is said once.
  return [...new Set(said)];
}

/** A grade with its interval, under its name. */
const row = (id: string, name: string, w: { grade: BandRow['grade']; capped: boolean }, says?: string): BandRow => ({
  id,
  name,
  ...(says && { says }),
  grade: w.grade,
  figures: gradeFigures(w.grade),
  capped: w.capped,
  blank: false,
});

/** From how far the outside presents clean; of one that was hardly looked at nobody can say it. */
const presentsText = (
  { coverage: { whole, byView }, presentsCleanFromM }: { coverage: Coverage; presentsCleanFromM: number },
  fromSeen = 0,
): string =>
  presentsCleanFromM > 0 && rankIsSaid((byView.outside ?? whole).seen, fromSeen) ? `${presentsCleanFromM} m` : '–';

const differOf = (grade: Grade, tables: Tables) => {
  const d = lensDifference(grade.whole, tables.grade);
  return d && { ...d, axes: [...d.axes] };
};

const NO_SHARE = { seen: 0, blocked: 0, cells: 0 };
const SAYS = 'The band is where 8 of 10 full looks would end. What was not seen widens it.';

/** What must be known first, the grade with its doubt, and how much was seen. */
export const summary = defineSection({
  title: 'Summary',
  sealed: {
    coverage: z.object({ whole: shareSchema, byView: z.record(z.string(), shareSchema) }),
    whole: z.array(
      z.object({
        lens: z.enum(LENSES),
        band: z.string(),
        ...graded,
        /** The bands that the interval touches, and the axes as this school sees them; reports of before lack them. */
        bands: z.array(z.string()).optional(),
        axes: z.record(z.enum(AXES), z.number()).optional(),
      }),
    ),
    axes: z.array(
      z.object({ axis: z.enum(AXES), seen: z.number(), ...graded, losses: z.array(toldLossSchema).optional() }),
    ),
    gates: z.array(z.string()),
    /** What ends the use of the car; reports of before lack it. */
    endings: z.array(z.object({ need: z.string(), findings: z.array(z.string()) })).optional(),
    /** Why the schools differ; null where they nearly agree. */
    lensesDiffer: z
      .object({
        kindest: z.enum(LENSES),
        hardest: z.enum(LENSES),
        points: z.number(),
        axes: z.array(z.enum(AXES)),
      })
      .nullable()
      .optional(),
    presentsCleanFromM: z.number(),
    /** Places where a look would narrow the grade most, and what blocks them; reports of before lack it. */
    narrows: z.array(z.object({ zone: z.string(), blocked: z.string().nullable() })).optional(),
  },
  blank: {
    coverage: { whole: NO_SHARE, byView: {} },
    axes: [],
    whole: [],
    gates: [],
    presentsCleanFromM: 0,
    endings: undefined,
    lensesDiffer: undefined,
    narrows: undefined,
  },
  seal: ({ judgement: { coverage }, grade, tables }) => ({
    coverage: { whole: coverage.whole, byView: coverage.byView },
    whole: grade.whole.map((w) => ({ ...w, bands: [...w.bands] })),
    axes: grade.axes.map((a) => ({
      ...a,
      losses: toldLosses(a.losses).map(({ zones, ...l }) => ({ ...l, places: zones.length })),
    })),
    gates: [...grade.gates],
    endings: grade.endings.map((e) => ({ need: e.need, findings: [...e.findings] })),
    lensesDiffer: differOf(grade, tables),
    presentsCleanFromM: grade.presents.metres,
    narrows: grade.unseenMovers.slice(0, NARROWS_TOLD).map(({ zone, blocked }) => ({ zone, blocked })),
  }),
  blocks: (view) => {
    const { sealed, tables, findings, records, wording } = view;
    const { coverage, axes, whole, gates } = sealed;
    const alarms = [
      ...(sealed.endings ?? []).map((e) => endingText(e.need, wording.words)),
      ...gates.map((g) => gateText(g)),
    ].map((text): Block => ({ kind: 'alarm', text }));
    const [first] = whole;
    const strip = stripOf(view);
    if (!first || coverage.whole.cells === 0) return [...strip, ...alarms];
    const limits = tables.grade.bands.map((b) => b.from).filter((f) => f > 0);
    return [
      ...strip,
      ...alarms,
      {
        kind: 'headline',
        lead: `As it stands, ${first.lens} lens`,
        word: bandText(first.bands ?? first.band, coverage.whole.seen, tables.grade.bandFromSeen),
        band: row('first', 'Grade', first),
        limits,
        says: [
          ...promisesOf(sealed, first, tables.grade.bandFromSeen),
          SAYS,
          bandDoubt(coverage.whole.seen, tables.grade.bandFromSeen),
        ]
          .filter(Boolean)
          .join(' '),
        counts: [
          [`${Math.round(coverage.whole.seen * 100)} %`, 'of all places seen'],
          [String(findings.length), 'findings'],
          [presentsText(sealed, tables.grade.bandFromSeen), 'presents clean from'],
          [String(recordsOf(records, 'photo').length), 'pictures'],
        ],
      },
      { kind: 'facts', rows: whatItIs(view.car, records, wording) },
      {
        kind: 'folded',
        title: 'Four lenses and nine axes, and what each lost',
        shut: true,
        blocks: [
          ...(sealed.lensesDiffer === undefined
            ? []
            : [{ kind: 'para' as const, text: lensDifferenceText(sealed.lensesDiffer) }]),
          {
            kind: 'bands',
            limits,
            groups: [
              whole.map((w) => row(w.lens, capital(w.lens), w, LENS_WORDS[w.lens])),
              axes.map((a) => ({
                ...row(a.axis, capital(AXIS_WORDS[a.axis]), a),
                ...(a.seen === 0 && { blank: true, figures: NOT_SEEN }),
              })),
            ],
          },
          ...lossBlocks(view),
          ...narrowsOf(view),
        ],
      },
    ];
  },
});
