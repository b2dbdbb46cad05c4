import { z } from 'zod';
import { AXES, type Axis } from '@/core/catalogue/axes';
import type { Tables } from '@/core/grade/all-tables';
import type { Grade } from '@/core/grade/grade';
import { lensDifference } from '@/core/grade/lens-difference';
import { LENSES, type Lens } from '@/core/grade/tables';
import { isWorthTelling, toldLosses } from '@/core/grade/told-losses';
import { recordsOf } from '@/core/records/reduce';
import { estimateSchema } from '@/core/stats/estimate';
import { capital } from '@/words/capital';
import { flawName } from '@/words/flaws';
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
  lossText,
  rankIsSaid,
  unblockText,
} from '@/words/grade';
import { partSaysAmong } from '@/words/papers';
import { zoneName, zoneWords } from '@/words/zones';
import type { BandRow, Block } from '../block';
import { defineSection, type SectionView } from '../section';
import { stripOf } from '../strip';
import { whatItIs } from '../what-it-is';

const shareSchema = z.object({ seen: z.number(), blocked: z.number(), cells: z.number() });
type Share = z.infer<typeof shareSchema>;
interface Coverage {
  readonly whole: Share;
  readonly byView: Readonly<Record<string, Share>>;
}
const told = z.object({
  by: z.string(),
  finding: z.string().nullable(),
  of: z.string().nullable(),
  places: z.number(),
  points: z.number(),
  n: z.number(),
});
const graded = { grade: estimateSchema, forItsYears: z.number(), capped: z.boolean() };
type View = SectionView<{
  axes: { axis: Axis; seen: number; grade: BandRow['grade']; losses?: z.infer<typeof told>[] | undefined }[];
}>;

/** Said of an axis of which nothing was seen: a figure for it would be that of other cars. */
const NOT_SEEN = 'not seen';

/** What each axis lost, where the report holds it: numbered findings by their numbers. */
function lossesOf({ sealed, findings, records, wording }: View): Block[] {
  const partSays = partSaysAmong(records, wording.words);
  const numbered = new Map(findings.map((f) => [f.record.id, f]));
  const axes = sealed.axes.filter((a) => a.losses !== undefined);
  if (axes.length === 0) return [];
  return [
    { kind: 'heading', text: 'What each axis lost' },
    {
      kind: 'losses',
      axes: axes.map((a) => ({
        id: a.axis,
        name: capital(AXIS_WORDS[a.axis]),
        left: a.seen === 0 ? NOT_SEEN : String(Math.round(a.grade.value ?? 0)),
        rows: a.losses!.filter(isWorthTelling).map((l) => {
          const f = l.finding === null ? undefined : numbered.get(l.finding);
          const text = f
            ? `${flawName(f.record.body.flaw, wording.words)}, ${zoneWords(f.record.body.zone, wording)}`
            : l.finding === null
              ? lossText(l, wording.words, partSays)
              : 'a finding that is withheld';
          return {
            text: capital(text),
            points: l.points,
            number: f?.number ?? null,
            known: KNOWN_LOSSES.has(l.by),
          };
        }),
      })),
    },
  ];
}

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

/** What stands on record, against what is reckoned with. */
const KNOWN_LOSSES: ReadonlySet<string> = new Set(['finding', 'measured', 'rest', 'ends']);

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
    axes: z.array(z.object({ axis: z.enum(AXES), seen: z.number(), ...graded, losses: z.array(told).optional() })),
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
    const row = (
      id: string,
      name: string,
      w: { grade: BandRow['grade']; capped: boolean },
      says?: string,
    ): BandRow => ({
      id,
      name,
      ...(says && { says }),
      grade: w.grade,
      figures: gradeFigures(w.grade),
      capped: w.capped,
      blank: false,
    });
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
          ...lossesOf(view),
          ...narrowsOf(view),
        ],
      },
    ];
  },
});
