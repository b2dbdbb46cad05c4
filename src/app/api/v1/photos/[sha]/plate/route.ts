import { z } from 'zod';
import { mayEnter } from '@/data/actor';
import { db } from '@/data/db';
import { photoFileOf } from '@/data/photos';
import { bodyOf, notFound, problem, route } from '@/server/api';
import { getPhoto } from '@/server/photo-store';
import { plateShop, WorkRefused } from '@/server/workshop/workshop';

const share = z.number().min(0).max(1);
const schema = z.object({
  box: z.object({ x: share, y: share, width: share.refine((w) => w > 0), height: share.refine((h) => h > 0) }),
});

/** What a plate on a picture seems to say: a proposal, character by character. Nothing is kept of it. */
export const POST = route<{ sha: string }>(
  mayEnter,
  async ({ actor, request, params }) => {
    const file = /^[0-9a-f]{64}$/.test(params.sha) ? await photoFileOf(db(), actor, params.sha) : null;
    if (!file) return notFound();
    const parsed = await bodyOf(
      request,
      schema,
      'The part of the picture is x, y, width and height from 0 to 1.',
      1000,
    );
    if (!parsed.ok) return parsed.response;
    const bytes = await getPhoto(file.sha256, 'full');
    if (!bytes) return notFound();
    try {
      return Response.json({ ok: true, ...(await plateShop().run('readPlate', { bytes, box: parsed.data.box })) });
    } catch (error) {
      if (!(error instanceof WorkRefused)) throw error;
      return problem(503, 'not-read', 'The plate could not be read now. Type what you see; nothing is lost.');
    }
  },
  'heavy',
);
