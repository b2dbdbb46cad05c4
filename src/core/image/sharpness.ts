/** Grey pixels of a picture, row by row. */
export interface GreyPicture {
  readonly width: number;
  readonly height: number;
  readonly grey: Uint8Array | Uint8ClampedArray;
}

/**
 * How sharp a picture is: the variance of its Laplacian over four neighbours, in grey levels squared; comparable only
 * between pictures of one scene and size. 0 where it is smaller than three pixels either way. Source: Pech-Pacheco et al.,
 * "Diatom autofocusing in brightfield microscopy: a comparative study", Proc. ICPR 2000, vol. 3.
 */
export function sharpness({ width, height, grey }: GreyPicture): number {
  if (width < 3 || height < 3) return 0;
  let [n, sum, squares] = [0, 0, 0];
  for (let y = 1; y < height - 1; y++)
    for (let x = 1; x < width - 1; x++) {
      const i = y * width + x;
      const l = grey[i - 1]! + grey[i + 1]! + grey[i - width]! + grey[i + width]! - 4 * grey[i]!;
      n++;
      sum += l;
      squares += l * l;
    }
  const mean = sum / n;
  return squares / n - mean * mean;
}

/** Grey levels of an RGBA picture by ITU-R BT.601. */
export function greyOf({
  width,
  height,
  data,
}: {
  width: number;
  height: number;
  data: Uint8ClampedArray;
}): GreyPicture {
  const grey = new Uint8Array(width * height);
  for (let i = 0; i < grey.length; i++)
    grey[i] = 0.299 * data[4 * i]! + 0.587 * data[4 * i + 1]! + 0.114 * data[4 * i + 2]!;
  return { width, height, grey };
}
