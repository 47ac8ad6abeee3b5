import { storedOf, type Stored } from '@pike-stone/contract';
import { smallPicture } from '../kit/small-picture';
import { useOfShop } from '../sync/of-shop';
import { useOutbox } from '../sync/outbox';
import { save } from './records';

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
  const canvas = await smallPicture(file, LONGEST_PX);
  if (!canvas) return null;
  for (const quality of QUALITIES) {
    const jpeg = canvas.toDataURL('image/jpeg', quality).slice(DATA.length);
    if (jpeg.length <= most) return jpeg;
  }
  return null;
}
