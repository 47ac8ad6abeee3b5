import { storedOf, type Stored } from '@pike-stone/contract';
import { useOfShop } from '../sync/of-shop';
import { useOutbox } from '../sync/outbox';
import { save } from './records';

/** What stands before the base64 of a JPEG in an address. */
export const JPEG_DATA = 'data:image/jpeg;base64,';

/** The picture of a thing that has one; null while there is none. What waits to be sent is shown already. */
export function usePhoto(id: string, isThere: boolean) {
  const { data } = useOfShop(isThere ? `/api/photos/${id}` : null, storedOf('photos'));
  const waiting = useOutbox((state) => state.entries).find((one) => one.kind === 'photos' && one.id === id);
  const body = (waiting?.body as Stored<'photos'>['body'] | undefined) ?? data?.body;
  return {
    uri: body?.jpeg ? `${JPEG_DATA}${body.jpeg}` : null,
    put: (jpeg: string) => save('photos', id, data?.version ?? 0, { jpeg }),
  };
}
