/** The picture asked for last, so that moving a place on it does not read it again. */
let held: { picture: string; pixels: Promise<ImageData> } | null = null;

async function read(picture: string): Promise<ImageData> {
  const answer = await fetch(picture);
  if (!answer.ok) throw new Error('no picture');
  const bitmap = await createImageBitmap(await answer.blob());
  const canvas = new OffscreenCanvas(bitmap.width, bitmap.height);
  const context = canvas.getContext('2d', { willReadFrequently: true })!;
  context.drawImage(bitmap, 0, 0);
  return context.getImageData(0, 0, bitmap.width, bitmap.height);
}

/** A picture's pixels, in a worker. Throws when it cannot be had or read. */
export async function pixelsOf(picture: string): Promise<ImageData> {
  if (held?.picture !== picture) held = { picture, pixels: read(picture) };
  try {
    return await held.pixels;
  } catch (error) {
    held = null;
    throw error;
  }
}
