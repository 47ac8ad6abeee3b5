import { PHOTO_LENGTH } from '@pike-stone/contract';
import { pickFile } from '../kit/pick-file';
import { smallPicture } from '../kit/small-picture';
import { JPEG_DATA } from './photos';

/** Longer side of a kept picture, pixels, and how often its quality is lowered until it is small enough. */
const LONGEST_PX = 420;
const QUALITIES = [0.8, 0.65, 0.5, 0.35] as const;
/** A picture file made small: a JPEG of a few hundred pixels, as base64. */
async function smallJpeg(file: Blob): Promise<string | null> {
  const canvas = await smallPicture(file, LONGEST_PX);
  if (!canvas) return null;
  for (const quality of QUALITIES) {
    const jpeg = canvas.toDataURL('image/jpeg', quality).slice(JPEG_DATA.length);
    if (jpeg.length <= PHOTO_LENGTH) return jpeg;
  }
  return null;
}

/** Lets a person take or choose a picture: a small JPEG as base64, null where none was chosen, and a fault for what is none. */
export async function pickJpeg(): Promise<{ readonly jpeg: string } | { readonly fault: string } | null> {
  const file = await pickFile('image/*');
  if (!file) return null;
  const jpeg = await smallJpeg(file);
  return jpeg === null ? { fault: 'This file cannot be read as a picture.' } : { jpeg };
}
