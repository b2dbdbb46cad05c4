import { DEFAULT_GRADE_TABLES } from '@/core/grade/shipped';
import { keptWith } from '@/core/stats/remembered';
import { type Standing, standing } from '@/core/yard/standing';
import type { YardLot } from '@/core/yard/yard-lot';
import { daysUntil } from '@/words/dates';
import { bandText, gradeFigures } from '@/words/grade';
import { plural } from '@/words/plural';

/** Where the bands of the grade begin, for the ticks of the rows' scales. */
export const BAND_LIMITS = DEFAULT_GRADE_TABLES.bands.map((b) => b.from).filter((f) => f > 0);

/** What a row of the Yard shows, in words: few enough that hundreds of rows are a small page. */
export interface RowFacts {
  readonly id: string;
  readonly number: number;
  readonly title: string;
  readonly to: string;
  readonly about: string;
  readonly seenPercent: number;
  readonly grade: {
    readonly low: number;
    readonly value: number;
    readonly high: number;
    readonly figures: string;
    readonly band: string;
  } | null;
  /** Questions of bidders that wait; empty where none does. */
  readonly questions: string;
  readonly structuralLoss: boolean;
  readonly where: Standing;
  readonly when: string;
}

/** Where a lot of the Yard stands today. */
export const whereIs = (lot: YardLot, today: string): Standing =>
  standing({ ...lot, seen: lot.summary.seen, records: lot.summary.records, doubt: doubtOf(lot.summary) }, today);

const doubtOf = ({ grade }: YardLot['summary']) => (grade ? grade.high - grade.low : 0);

/** Due day in words, from today. */
export function due(lot: YardLot, today: string): string {
  if (!lot.reportDueOn) return 'no day set';
  const left = daysUntil(lot.reportDueOn, today);
  if (left === 0) return 'due today';
  const days = plural(Math.abs(left), 'day');
  return left < 0 ? `${days} late` : `in ${days}`;
}

/** A tenth is more than a row's scale can show. */
const tenth = (v: number) => Math.round(v * 10) / 10;

/** What the row of a lot shows today; made once a day for a lot as memory holds it. */
export const rowFacts = keptWith((lot: YardLot, today: string): RowFacts => {
  const { summary: s } = lot;
  const { grade } = s;
  return {
    id: lot.id,
    number: lot.number,
    title: lot.title,
    to: lot.state === 'sealed' ? 'report' : s.car ? 'walk' : 'intake',
    about: [
      lot.keeper || 'nobody yet',
      s.records > 0 ? `${s.readings} readings, ${s.findings} findings, ${s.photos} photos` : 'nothing entered',
    ].join(' · '),
    seenPercent: Math.round(s.seen * 100),
    grade:
      grade && s.records > 0
        ? {
            low: tenth(grade.low),
            value: tenth(grade.value),
            high: tenth(grade.high),
            figures: gradeFigures(grade),
            band: bandText(grade.bands ?? grade.band, s.seen, DEFAULT_GRADE_TABLES.bandFromSeen),
          }
        : null,
    questions: lot.questions > 0 ? plural(lot.questions, 'question waits', 'questions wait') : '',
    structuralLoss: s.gates.includes('structural-loss'),
    where: whereIs(lot, today),
    when: lot.state === 'sealed' ? `revision ${lot.revision}` : due(lot, today),
  };
});
