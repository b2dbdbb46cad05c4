import { momentsAround } from '@/core/film/moments-around';
import { greyOf, sharpness } from '@/core/image/sharpness';

/** Frames are weighed at this width: sharpness needs no more. */
const WEIGHED_PX = 480;
const QUALITY = 0.92;
const SEEK_MS = 4000;

/** Moves a film to a moment and waits until its picture stands. Refuses a film that does not come to it. */
export function seek(video: HTMLVideoElement, atS: number): Promise<void> {
  return new Promise((resolve, reject) => {
    const give = setTimeout(() => done(new Error('the film did not come to that moment')), SEEK_MS);
    const done = (wrong?: Error) => {
      clearTimeout(give);
      video.removeEventListener('seeked', ready);
      if (wrong) reject(wrong);
      else resolve();
    };
    const ready = () => done();
    video.addEventListener('seeked', ready);
    video.currentTime = atS;
  });
}

const drawn = (video: HTMLVideoElement, width: number): HTMLCanvasElement => {
  const canvas = document.createElement('canvas');
  const by = Math.min(1, width / video.videoWidth);
  canvas.width = Math.max(1, Math.round(video.videoWidth * by));
  canvas.height = Math.max(1, Math.round(video.videoHeight * by));
  canvas.getContext('2d', { willReadFrequently: true })!.drawImage(video, 0, 0, canvas.width, canvas.height);
  return canvas;
};

/**
 * The sharpest frame of a film within a second either side of a moment, as a picture in the film's own size, named by its
 * time. Rejects where the film cannot be read there.
 */
export async function stillAround(video: HTMLVideoElement, atS: number, name: string): Promise<File> {
  video.pause();
  let best = { at: atS, sharp: -1 };
  for (const at of momentsAround(atS, video.duration)) {
    await seek(video, at);
    const canvas = drawn(video, WEIGHED_PX);
    const sharp = sharpness(greyOf(canvas.getContext('2d')!.getImageData(0, 0, canvas.width, canvas.height)));
    if (sharp > best.sharp) best = { at, sharp };
  }
  await seek(video, best.at);
  const canvas = drawn(video, video.videoWidth);
  const blob = await new Promise<Blob | null>((resolve) => canvas.toBlob(resolve, 'image/jpeg', QUALITY));
  if (!blob) throw new Error('no picture could be made of the film');
  return new File([blob], `${name.replace(/\.[^.]+$/, '')} ${best.at.toFixed(1)} s.jpg`, { type: 'image/jpeg' });
}
