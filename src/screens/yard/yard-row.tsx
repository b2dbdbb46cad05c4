import { DEFAULT_GRADE_TABLES } from '@/core/grade/shipped';
import { type Standing, standing } from '@/core/yard/standing';
import type { YardLot } from '@/core/yard/yard-lot';
import { BandFade, IntervalBand } from '@/ui/charts/interval-band';
import { LotNumber } from '@/ui/parts/lot-number';
import { daysUntil } from '@/words/dates';
import { bandText, gradeFigures } from '@/words/grade';
import { plural } from '@/words/plural';

const LIMITS = DEFAULT_GRADE_TABLES.bands.map((b) => b.from).filter((f) => f > 0);

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

/** What the rows' bands are filled with, once for all of them; it takes no room and is never hidden. */
export const RowsFade = () => (
  <svg className="absolute size-0" aria-hidden="true">
    <BandFade id="lots" />
  </svg>
);

/** One lot of the Yard; drawn on the server alone, its link is followed by LotLinks. */
export function YardRow({ lot, today }: { lot: YardLot; today: string }) {
  const where = whereIs(lot, today);
  const { summary: s } = lot;
  const to = lot.state === 'sealed' ? 'report' : s.car ? 'walk' : 'intake';
  return (
    <li className="bg-card">
      <a
        href={`/lots/${lot.id}/${to}`}
        className="grid grid-cols-[auto_minmax(0,1fr)_auto] items-center gap-x-4 gap-y-1 px-3 py-2.5 hover:bg-wash sm:grid-cols-[auto_minmax(0,1fr)_110px_190px_120px]"
      >
        <LotNumber n={lot.number} />
        <span className="min-w-0">
          <span className="block truncate font-semibold">{lot.title}</span>
          <span className="block truncate text-sm text-soft">
            {[
              lot.keeper || 'nobody yet',
              s.records > 0 ? `${s.readings} readings, ${s.findings} findings, ${s.photos} photos` : 'nothing entered',
            ].join(' · ')}
          </span>
          <span className="block text-sm sm:hidden">
            {Math.round(s.seen * 100)} % seen{s.grade && s.records > 0 && `, grade ${gradeFigures(s.grade)}`}
          </span>
          {lot.questions > 0 && (
            <span className="block text-sm font-semibold">
              {plural(lot.questions, 'question waits', 'questions wait')}
            </span>
          )}
          {s.gates.includes('structural-loss') && (
            <span className="text-sm font-semibold text-pin">Structural loss: tell the manager</span>
          )}
        </span>
        <span className="hidden sm:block">
          <span className="block text-sm">
            <span className="figure font-semibold">{Math.round(s.seen * 100)}</span> % seen
          </span>
          <span className="mt-1 block h-1.5 border border-ink/40 bg-paper">
            <span className="block h-full bg-ink" style={{ width: `${Math.round(s.seen * 100)}%` }} />
          </span>
        </span>
        <span className="hidden sm:block">
          {s.grade && s.records > 0 ? (
            <>
              <IntervalBand
                id="lots"
                shared
                grade={{ ...s.grade, n: s.records }}
                limits={LIMITS}
                label={`Grade ${Math.round(s.grade.low)} to ${Math.round(s.grade.high)} of 100`}
                height={16}
              />
              <span className="block text-center text-xs text-soft">
                <span className="figure">{gradeFigures(s.grade)}</span>{' '}
                {bandText(s.grade.bands ?? s.grade.band, s.seen, DEFAULT_GRADE_TABLES.bandFromSeen)}
              </span>
            </>
          ) : (
            <span className="text-sm text-soft">no grade yet</span>
          )}
        </span>
        <span className="text-right text-sm">
          <span className={where === 'late' ? 'font-semibold text-pin' : 'font-semibold'}>{where}</span>
          <br />
          <span className="text-soft">{lot.state === 'sealed' ? `revision ${lot.revision}` : due(lot, today)}</span>
        </span>
      </a>
    </li>
  );
}
