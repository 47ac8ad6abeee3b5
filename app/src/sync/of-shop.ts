import useSWR, { type SWRConfiguration } from 'swr';
import type { ZodType } from 'zod';
import { reading } from './reading';
import { useSession } from './session';

/**
 * An answer of the server about the shop. It is asked for once this device is in the shop.
 * @param address  null asks for nothing
 */
export function useOfShop<Answer>(
  address: string | null,
  schema: ZodType<Answer>,
  options: SWRConfiguration<Answer, Error> = {},
) {
  const { data: session } = useSession();
  const { data, error, isLoading } = useSWR<Answer, Error>(
    session ? address : null,
    (path: string) => reading(path, schema),
    options,
  );
  return { data, error, loading: !session || (isLoading && !data) };
}
