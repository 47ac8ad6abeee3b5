/** A photo as it is shown and traced: no larger than the tracing needs. */
export interface OpenPhoto {
  readonly url: string;
  readonly width: number;
  readonly height: number;
  readonly grey: Uint8Array;
}

/** Longest side that is traced, pixels. */
const LONGEST_PX = 2000;

/** Brightness of a pixel by the weights of ITU-R BT.601. */
const brightness = (r: number, g: number, b: number): number => Math.round(0.299 * r + 0.587 * g + 0.114 * b);

/** Opens a photo on this device. @throws Error with a sentence when it is none */
export async function openPhoto(file: File): Promise<OpenPhoto> {
  const bitmap = await createImageBitmap(file).catch(() => {
    throw new Error('This is no picture that can be opened.');
  });
  const scale = Math.min(1, LONGEST_PX / Math.max(bitmap.width, bitmap.height));
  const [width, height] = [Math.round(bitmap.width * scale), Math.round(bitmap.height * scale)];
  const canvas = document.createElement('canvas');
  canvas.width = width;
  canvas.height = height;
  const pen = canvas.getContext('2d', { willReadFrequently: true });
  if (!pen) throw new Error('This browser cannot open pictures.');
  pen.drawImage(bitmap, 0, 0, width, height);
  bitmap.close();
  const { data } = pen.getImageData(0, 0, width, height);
  const grey = new Uint8Array(width * height);
  for (let i = 0; i < grey.length; i += 1)
    grey[i] = brightness(data[4 * i]!, data[4 * i + 1]!, data[4 * i + 2]!);
  return { url: canvas.toDataURL('image/jpeg', 0.85), width, height, grey };
}
