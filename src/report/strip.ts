import { ROUNDS } from '@/core/photo/standard-views';
import { recordsOf } from '@/core/records/reduce';
import type { Block } from './block';
import { pictureRow } from './picture-row';
import type { SectionView } from './section';

/** The car from all round first, beginning at the corner from which it is told best. */
const ROUND_FIRST: readonly string[] = [...ROUNDS.slice(1), ROUNDS[0]].map((r) => `round.${r}`);
/** Further back than any place of a plan. */
const FAR_BACK = 1000;

/** The car in pictures: all round, then overviews, then in the order of the plan. */
export function stripOf({
  records,
  plan,
  wording,
}: Pick<SectionView<unknown>, 'records' | 'plan' | 'wording'>): Block[] {
  const order = new Map([...plan.zones.keys()].map((slug, i) => [slug, i]));
  type Shown = {
    view: string | null;
    range: string | null;
    zone: string | null;
    finding: string | null;
    seam: string | null;
  };
  const rank = ({ body }: { body: Shown }) => {
    const round = body.view === null ? -1 : ROUND_FIRST.indexOf(body.view);
    if (round >= 0) return round - FAR_BACK;
    return (
      // What is measured on a picture is for whoever reads on.
      (body.seam === null ? 0 : 5 * FAR_BACK) +
      (body.range === 'far' || body.zone === null ? 0 : FAR_BACK) +
      (body.finding === null ? 0 : FAR_BACK / 2) +
      (order.get(body.zone ?? '') ?? 0)
    );
  };
  const pictures = [...recordsOf(records, 'photo')].sort((a, b) => rank(a) - rank(b));
  return pictures.length === 0
    ? []
    : [{ kind: 'strip', pictures: pictures.map((p) => pictureRow(p, p.body.zone, wording)) }];
}
