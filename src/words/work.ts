import type { RemedyId } from '@/core/catalogue/remedies';
import type { Slot } from '@/core/cost/calendar';
import type { Both } from './vocabulary';

/** Pieces of work by which effort is reckoned. */
export const WORK_WORDS: Readonly<Record<RemedyId, Both>> = {
  clean: 'Clean, decontaminate',
  polish: 'Polish a panel',
  'touch-in': 'Touch in a chip',
  'dent-out': 'Dent out, paint whole',
  spot: 'Spot repair and blend',
  refinish: 'Refinish a panel',
  'strip-refinish': 'Strip and refinish, filler beneath',
  're-plate': 'Straighten and re-plate a bumper',
  'polish-metal': 'Straighten and polish, a metre',
  'patch-outer': 'Patch, no load',
  'lower-piece': { us: 'Lower quarter, fender or door bottom', gb: 'Lower rear wing, wing or door bottom' },
  sill: 'Sill, outer and inner, one side',
  'floor-section': 'Floor section',
  'load-path': 'Rail or load path, on a jig',
  adjust: { us: 'Adjust a door, hood or deck', gb: 'Adjust a door, bonnet or boot lid' },
  hinges: 'Hinge pins and bushes',
  pane: 'A pane, laminated',
  seal: 'A seal',
  'seat-cover': 'Seat cover',
  headliner: 'Headliner',
  'top-cover': 'Soft top cover',
  'trim-piece': 'A part or piece of trim',
  refit: 'Refit what is loose',
  tire: { us: 'A tire', gb: 'A tyre' },
  'gasket-above': 'Gasket or seal, in place',
  'gasket-below': 'Rear seal, gearbox out',
  'brake-axle': 'Brake work, one axle',
  window: 'Regulator or motor of a window or top',
  'small-electrical': 'Small electrical repair',
  'engine-rebuild': 'Engine rebuild',
  test: 'Specialist’s test',
};

/** The days from the first on which a job is done: "day 1", "day 22 to 23". */
export function slotText({ fromDay, toDay }: Pick<Slot, 'fromDay' | 'toDay'>): string {
  const first = Math.floor(fromDay) + 1;
  const last = Math.ceil(toDay);
  return last > first ? `day ${first} to ${last}` : `day ${first}`;
}
