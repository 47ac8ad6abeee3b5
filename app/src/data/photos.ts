import { storedOf, type Stored } from '@pike-stone/contract';
import { useOutbox } from '../sync/outbox';
import { save } from './records';
import { useOfShop } from '../sync/of-shop';

/** Longer side of a kept picture, pixels, and how often its quality is lowered until it is small enough. */
const LONGEST_PX = 420;
const QUALITIES = [0.8, 0.65, 0.5, 0.35] as const;
const DATA = 'data:image/jpeg;base64,';

/** The picture of a thing that has one; null while there is none. What waits to be sent is shown already. */
export function usePhoto(id: string, isThere: boolean) {
  const { data } = useOfShop(isThere ? `/api/photos/${id}` : null, storedOf('photos'));
  const waiting = useOutbox((state) => state.entries).find((one) => one.kind === 'photos' && one.id === id);
  const body = (waiting?.body as Stored<'photos'>['body'] | undefined) ?? data?.body;
  return {
    uri: body?.jpeg ? `${DATA}${body.jpeg}` : null,
    put: (jpeg: string) => save('photos', id, data?.version ?? 0, { jpeg }),
  };
}

/** A picture file made small: a JPEG of a few hundred pixels, as base64. */
export async function smallJpeg(file: Blob, most: number): Promise<string | null> {
  const bitmap = await createImageBitmap(file).catch(() => null);
  if (!bitmap) return null;
  const times = Math.min(1, LONGEST_PX / Math.max(bitmap.width, bitmap.height));
  const canvas = document.createElement('canvas');
  canvas.width = Math.max(1, Math.round(bitmap.width * times));
  canvas.height = Math.max(1, Math.round(bitmap.height * times));
  canvas.getContext('2d')?.drawImage(bitmap, 0, 0, canvas.width, canvas.height);
  bitmap.close();
  for (const quality of QUALITIES) {
    const jpeg = canvas.toDataURL('image/jpeg', quality).slice(DATA.length);
    if (jpeg.length <= most) return jpeg;
  }
  return null;
}
