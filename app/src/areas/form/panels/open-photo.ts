import { smallPicture } from '../../../kit/small-picture';

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
  const canvas = await smallPicture(file, LONGEST_PX);
  const pen = canvas?.getContext('2d');
  if (!canvas || !pen) throw new Error('This is no picture that can be opened.');
  const { width, height } = canvas;
  const { data } = pen.getImageData(0, 0, width, height);
  const grey = new Uint8Array(width * height);
  for (let i = 0; i < grey.length; i += 1)
    grey[i] = brightness(data[4 * i]!, data[4 * i + 1]!, data[4 * i + 2]!);
  return { url: canvas.toDataURL('image/jpeg', 0.85), width, height, grey };
}
