import { z } from 'zod';
import { AXES } from '@/core/catalogue/axes';
import { LENSES } from '@/core/grade/tables';
import { recordsOf } from '@/core/records/reduce';
import { estimateSchema } from '@/core/stats/estimate';
import { capital } from '@/words/capital';
import { AXIS_WORDS, bandText, gateText, gradeFigures, LENS_WORDS } from '@/words/grade';
import type { BandRow, Block } from '../block';
import { defineSection } from '../section';

const shareSchema = z.object({ seen: z.number(), blocked: z.number(), cells: z.number() });
const graded = { grade: estimateSchema, forItsYears: z.number(), capped: z.boolean() };
const NO_SHARE = { seen: 0, blocked: 0, cells: 0 };
const SAYS =
  'The band is the middle 80 % of what the findings and the house’s tables allow. What was not seen widens it.';

/** What must be known first, the grade with its doubt, and how much was seen. */
export const summary = defineSection({
  title: 'Summary',
  sealed: {
    coverage: z.object({ whole: shareSchema, byView: z.record(z.string(), shareSchema) }),
    axes: z.array(z.object({ axis: z.enum(AXES), seen: z.number(), ...graded })),
    whole: z.array(z.object({ lens: z.enum(LENSES), band: z.string(), ...graded })),
    gates: z.array(z.string()),
    presentsCleanFromM: z.number(),
  },
  blank: { coverage: { whole: NO_SHARE, byView: {} }, axes: [], whole: [], gates: [], presentsCleanFromM: 0 },
  seal: ({ judgement: { coverage }, grade }) => ({
    coverage: { whole: coverage.whole, byView: coverage.byView },
    axes: [...grade.axes],
    whole: [...grade.whole],
    gates: [...grade.gates],
    presentsCleanFromM: grade.presents.metres,
  }),
  blocks: ({ sealed: { coverage, axes, whole, gates, presentsCleanFromM }, tables, findings, records }) => {
    const alarms = gates.map((g): Block => ({ kind: 'alarm', text: gateText(g) }));
    const [first] = whole;
    if (!first || coverage.whole.cells === 0) return alarms;
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
      ...alarms,
      {
        kind: 'headline',
        lead: `As it stands, ${first.lens} lens`,
        word: bandText(first.band, coverage.whole.seen, tables.grade.bandFromSeen),
        band: row('first', 'Grade', first),
        limits,
        says: SAYS,
        counts: [
          [`${Math.round(coverage.whole.seen * 100)} %`, 'of all places and aspects seen'],
          [String(findings.length), 'findings'],
          [presentsCleanFromM > 0 ? `${presentsCleanFromM} m` : '–', 'presents clean from'],
          [String(recordsOf(records, 'photo').length), 'pictures'],
        ],
      },
      {
        kind: 'folded',
        title: 'Four lenses and nine axes',
        blocks: [
          {
            kind: 'bands',
            limits,
            groups: [
              whole.map((w) => row(w.lens, capital(w.lens), w, LENS_WORDS[w.lens])),
              axes.map((a) => ({
                ...row(a.axis, capital(AXIS_WORDS[a.axis]), a),
                ...(a.seen === 0 && { blank: true, figures: 'not seen' }),
              })),
            ],
          },
        ],
      },
    ];
  },
});
