import sharp from 'sharp';
import { drawPicture, type PictureOrder } from './pictures';

// A process that draws what the seed will ask for: one picture after the other, told and answered over the channel.
sharp.concurrency(1);

process.on('message', async ({ id, order }: { id: number; order: PictureOrder }) => {
  const drawn = await drawPicture(order).then(
    (bytes) => ({ id, bytes }),
    (error: unknown) => ({ id, failed: String(error) }),
  );
  process.send?.(drawn);
});
process.on('disconnect', () => process.exit(0));
