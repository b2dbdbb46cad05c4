import { Readable } from 'node:stream';
import { ZipFile } from 'yazl';
import { planOfCar } from '@/core/body/plan';
import { recordsOf } from '@/core/records/reduce';
import { mayPublish } from '@/data/actor';
import { db } from '@/data/db';
import { currentInspection } from '@/data/inspections';
import { blursOf } from '@/report/blurs';
import { sealedRecords } from '@/report/read-snapshot';
import { stripOf } from '@/report/strip';
import { notFound, problem, route } from '@/server/api';
import { blurredPicture } from '@/server/blurred';
import { newestOpened } from '@/server/newest-opened';
import { ensureCopy } from '@/server/photo-derivatives';
import { getPhoto } from '@/server/photo-store';
import { PLAIN_WORDING } from '@/words/vocabulary';

/** The pictures of a sealed report for a catalogue, numbered in the order in which the report shows them. */
export const GET = route<{ id: string }>(
  mayPublish,
  async ({ actor, params }) => {
    const head = await currentInspection(db(), actor, params.id);
    if (!head) return notFound();
    const opened = await newestOpened(db(), actor, params.id);
    if (!opened) return problem(409, 'not-sealed', 'Only pictures of a sealed report go out. Seal it first.');
    const { bundle } = opened.snapshot;
    const { records } = sealedRecords(bundle);
    const plan = planOfCar(recordsOf(records, 'car')[0]?.body);
    const strip = plan ? stripOf({ records, plan, wording: PLAIN_WORDING })[0] : undefined;
    const pictures = strip?.kind === 'strip' ? strip.pictures : [];
    const blurs = blursOf(bundle);
    const zip = new ZipFile();
    const stream = Readable.from(zip.outputStream);
    const fill = async () => {
      for (const [i, { sha256 }] of pictures.entries()) {
        const boxes = blurs.get(sha256);
        if (!boxes) await ensureCopy(sha256, '2048');
        const bytes = boxes ? await blurredPicture(sha256, '2048', boxes) : await getPhoto(sha256, '2048');
        const name = `lot-${head.lot.number}-${String(i + 1).padStart(2, '0')}.webp`;
        if (bytes) zip.addBuffer(bytes, name, { compress: false });
      }
      zip.end();
    };
    fill().catch((error: unknown) => stream.destroy(error as Error));
    return new Response(Readable.toWeb(stream) as ReadableStream, {
      headers: {
        'content-type': 'application/zip',
        'content-disposition': `attachment; filename="lot-${head.lot.number}-pictures.zip"`,
        'cache-control': 'no-store',
      },
    });
  },
  'heavy',
);
