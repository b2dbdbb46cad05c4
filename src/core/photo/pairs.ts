import type { Plan } from '../body/plan';
import type { View } from '../body/zone';
import type { StoredRecord } from '../kinds';

type Photo = StoredRecord<'photo'>;

export interface PhotoPair {
  /** The picture that shows the panel from where one stands; null without one. */
  readonly far: Photo | null;
  /** Pictures of the finding itself. */
  readonly near: readonly Photo[];
}

/** Whether a picture is an overview or a close-up: as stated, else by whether it was taken for a finding. */
export function rangeOf({ body }: Photo): 'far' | 'near' {
  return body.range ?? (body.finding ? 'near' : 'far');
}

const moment = ({ body }: Photo) => (body.takenAt ? Date.parse(body.takenAt) : null);

/**
 * The pictures that tell a finding: its own close-ups, and with them the one overview that goes with them: one stated for
 * the finding, else of its zone the one taken nearest in time to the close-ups (the first where no time is known).
 */
export function pairOf(finding: StoredRecord<'finding'>, photos: readonly Photo[]): PhotoPair {
  const own = photos.filter((p) => p.body.finding === finding.id);
  const near = own.filter((p) => rangeOf(p) === 'near');
  const stated = own.find((p) => rangeOf(p) === 'far');
  if (stated) return { far: stated, near };
  const times = near.flatMap((p) => moment(p) ?? []);
  const when = times.length > 0 ? times : [Date.parse(finding.body.at)];
  const apart = (p: Photo) => {
    const at = moment(p);
    return at === null ? Number.POSITIVE_INFINITY : Math.min(...when.map((t) => Math.abs(at - t)));
  };
  const far = photos
    .filter((p) => p.body.zone === finding.body.zone && p.body.finding === null && rangeOf(p) === 'far')
    .reduce<Photo | null>((best, p) => (best === null || apart(p) < apart(best) ? p : best), null);
  return { far, near };
}

/** Zones of a view, along the lap, of which there is no overview yet: what the first pass still owes. */
export function withoutOverview(plan: Plan, view: View, photos: readonly Photo[]): string[] {
  const seen = new Set(photos.filter((p) => rangeOf(p) === 'far').map((p) => p.body.zone));
  return plan.lap[view].filter((zone) => !seen.has(zone));
}
