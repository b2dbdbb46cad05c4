import sharp from 'sharp';
import { WORK, type WorkName } from '../src/server/workshop/work';

// A process of the server's workshop: one piece of work at a time, told and answered over the channel to its parent.
sharp.cache(false);
sharp.concurrency(1);

process.on('message', async ({ name, given }: { name: WorkName; given: never }) => {
  const answer = await WORK[name](given).then(
    (value) => ({ ok: true, value }),
    () => ({ ok: false }),
  );
  // A server that ended meanwhile asks for nothing any more.
  process.send?.(answer, undefined, undefined, () => {});
});
process.on('disconnect', () => process.exit(0));
