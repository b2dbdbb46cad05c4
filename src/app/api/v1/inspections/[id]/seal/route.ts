import { mayManage } from '@/data/actor';
import { db } from '@/data/db';
import { notFound, problem, route } from '@/server/api';
import { startExport } from '@/server/export/jobs';
import { followSeal } from '@/server/publishing';
import { type SealRefusal, sealInspection } from '@/server/sealing';

const SAYS: Record<Exclude<SealRefusal, 'not-found'>, string> = {
  'already-sealed': 'This report is sealed already.',
  'not-reviewed':
    'Your house seals a report only after somebody else marked it as reviewed, with nothing entered since. Nothing was changed.',
  practice: 'This is practice: nothing of it goes out. Nothing was changed.',
  'changed-meanwhile': 'Something was entered while the report was computed. Look at it once more, then seal.',
  incomplete:
    'Something that must be stated first is missing: the list beside the report names it. Nothing was changed.',
  'tables-unfit':
    'A table of numbers of your house does not fit this program. Keep it anew under Numbers, then seal. Nothing was changed.',
};

export const POST = route<{ id: string }>(
  mayManage,
  async ({ actor, params }) => {
    const sealed = await sealInspection(db(), actor, params.id, new Date());
    // The PDF that bidders may take is made of what was sealed, in the background.
    // What stands on the sale's page follows what was sealed last.
    if (sealed.ok) await followSeal(actor, sealed.lotId);
    if (sealed.ok) await startExport(db(), actor, params.id, 'pdf', { bounded: false });
    if (sealed.ok) return Response.json({ ok: true, sha256: sealed.report.sha256 });
    return sealed.reason === 'not-found' ? notFound() : problem(409, sealed.reason, SAYS[sealed.reason]);
  },
  'heavy',
);
