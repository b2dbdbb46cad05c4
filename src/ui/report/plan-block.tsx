import type { Plan } from '@/core/body/plan';
import { seamName } from '@/words/fit';
import type { Wording } from '@/words/vocabulary';
import { zoneName } from '@/words/zones';
import { PlanDrawing } from '../body-plan/plan-drawing';
import { SeamMarks } from '../body-plan/seam-marks';
import { hrefBehind } from './behind';
import type { BlockOf } from './blocks';

/** Pieces of which something is on record lead to it. */
export const zoneLinks =
  (onRecord: string | undefined, bare: ReadonlySet<string>) =>
  (zone: string): string | undefined =>
    onRecord === undefined || bare.has(zone) ? undefined : hrefBehind(onRecord, { zones: [zone] });

/** A view of the plan: with numbered findings, or with the seams as they were measured. */
export function PlanBlock({
  block: b,
  plan,
  wording,
  onRecord,
}: {
  block: BlockOf<'plan'>;
  plan: Plan;
  wording: Wording;
  onRecord?: string | undefined;
}) {
  const blocked = new Set(b.blocked);
  const looks = new Map(b.bare.map((slug) => [slug, { unseen: true, blocked: blocked.has(slug) }]));
  return (
    <figure className="sheet p-2">
      <PlanDrawing
        plan={plan}
        view={b.view}
        looks={looks}
        pins={b.pins.map((p) => ({ ...p, href: `#finding-${p.number}` }))}
        named={b.view !== 'outside'}
        nameOf={(z) => zoneName(z, wording)}
        hrefOf={zoneLinks(onRecord, new Set(b.bare))}
        title={b.title}
        className={b.view === 'outside' ? 'w-full' : 'mx-auto max-h-72 w-full'}
        sideWords={{ left: 'left', right: 'right' }}
        over={
          b.seams && (
            <SeamMarks
              plan={plan}
              fits={new Map(b.seams.map((s) => [s.seam, s]))}
              nameOf={(s) => seamName(s, wording)}
            />
          )
        }
      />
      <figcaption className="px-2 pb-1 text-sm text-soft">{b.caption}</figcaption>
    </figure>
  );
}
