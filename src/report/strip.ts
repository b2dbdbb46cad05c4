import { recordsOf } from '@/core/records/reduce';
import type { Block } from './block';
import { pictureRow } from './picture-row';
import type { SectionView } from './section';

/** The car in pictures: overviews first, then in the order of the plan. */
export function stripOf({
  records,
  plan,
  wording,
}: Pick<SectionView<unknown>, 'records' | 'plan' | 'wording'>): Block[] {
  const order = new Map([...plan.zones.keys()].map((slug, i) => [slug, i]));
  type Shown = { range: string | null; zone: string | null; finding: string | null; seam: string | null };
  const rank = ({ body }: { body: Shown }) =>
    // What is measured on a picture is for whoever reads on.
    (body.seam === null ? 0 : 5000) +
    (body.range === 'far' || body.zone === null ? 0 : 1000) +
    (body.finding === null ? 0 : 500) +
    (order.get(body.zone ?? '') ?? 0);
  const pictures = [...recordsOf(records, 'photo')].sort((a, b) => rank(a) - rank(b));
  return pictures.length === 0
    ? []
    : [{ kind: 'strip', pictures: pictures.map((p) => pictureRow(p, p.body.zone, wording)) }];
}
