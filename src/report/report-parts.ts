import { planOfCar } from '@/core/body/plan';
import { recordsOf } from '@/core/records/reduce';
import { dayIn } from '@/core/time/day';
import type { ThicknessUnit } from '@/core/units/thickness';
import { dayText } from '@/words/dates';
import type { Wording } from '@/words/vocabulary';
import { numberedFindings } from './numbered';
import { sealedRecords } from './read-snapshot';
import { type ShownSection, shownSections } from './sections';
import type { Snapshot } from './snapshot';

export interface ReportInput {
  readonly snapshot: Snapshot;
  /** Parts of it that this program cannot read. */
  readonly unreadable?: readonly string[];
  readonly wording: Wording;
  readonly unit: ThicknessUnit;
  readonly state: 'draft' | 'sealed';
}

/** A report as it is told, whether on a page or on paper. */
export interface ReportParts {
  readonly number: number;
  readonly title: string;
  readonly sale: string;
  readonly standing: string;
  readonly revision: number;
  /** Said before all else: what cannot be shown, and what was corrected. */
  readonly unreadable: string | null;
  readonly corrects: string | null;
  readonly plan: NonNullable<ReturnType<typeof planOfCar>>;
  readonly wording: Wording;
  readonly sections: readonly ShownSection[];
}

/** What a report says, of what was sealed and nothing computed anew; null for one whose car cannot be drawn. */
export function reportParts(input: ReportInput): ReportParts | null {
  const { snapshot, unit, state } = input;
  const { records, unreadable } = sealedRecords(snapshot.bundle);
  const lost = [...new Set([...(input.unreadable ?? []), ...unreadable])];
  const timeZone = snapshot.sale.timeZone;
  const car = recordsOf(records, 'car')[0]?.body;
  const plan = planOfCar(car);
  if (!car || !plan) return null;
  const wording: Wording = { ...input.wording, steering: car.steering };
  const findings = numberedFindings(records, plan);
  const { results: sealed, tables } = snapshot;
  const onDay = snapshot.sale.closesOn ?? dayIn(new Date(snapshot.sealedAt), timeZone ?? 'UTC');
  const view = { sealed, records, car, plan, findings, tables, wording, unit, timeZone, onDay };
  return {
    number: snapshot.bundle.lot.number,
    title: `${car.make} ${car.model}${car.year ? `, ${car.year}` : ''}`,
    sale: `${snapshot.sale.name}${snapshot.sale.closesOn ? `, closes ${dayText(snapshot.sale.closesOn)}` : ''}`,
    standing: state === 'sealed' ? `sealed ${dayText(snapshot.sealedAt, timeZone)}` : 'draft, not sealed',
    revision: snapshot.revision,
    unreadable:
      lost.length > 0
        ? `This cannot show all that was sealed: ${lost.join(', ')}. The sealed file holds it whole; a newer version of the program shows it.`
        : null,
    corrects: snapshot.corrects ? `Corrects revision ${snapshot.corrects.revision}: ${snapshot.corrects.reason}` : null,
    plan,
    wording,
    sections: shownSections(view, lost),
  };
}
