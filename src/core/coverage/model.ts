import { VIEWS, type View } from '../body/zone';
import { kindOf, RECORD_KINDS } from '../kinds';
import { defineModel, type Lack } from '../model/model';
import { type Coverage, coverageOf } from './coverage';

/** A view that the car has and of which nothing was seen, with how many places it has. */
function unseen(coverage: Coverage | null, view: View): readonly Lack[] {
  const share = coverage?.byView[view];
  return share && share.cells > 0 && share.seen === 0 ? [{ count: share.cells, detail: view }] : [];
}

/** What was looked at and what was not. */
export const coverage = defineModel({
  reads: ['look', 'finding', ...RECORD_KINDS.filter((k) => kindOf(k).sees)],
  tables: {},
  judge: ({ plan, records }) => coverageOf(plan, records),
  missing: { 'view-unseen': (judged) => VIEWS.flatMap((view) => unseen(judged, view)) },
});
