import { sessionAnswer, type SessionAnswer } from '@pike-stone/contract';
import { useEffect } from 'react';
import useSWR from 'swr';
import { send } from './api';
import { beInShop } from './begin';
import { SESSION } from './early';
import { reading } from './reading';
import { whileComing } from './shop-cache';

/** Asks whether this device is in, and asks to come in where no code is needed. */
async function comeIn(path: string): Promise<SessionAnswer> {
  const answer = await reading(path, sessionAnswer);
  return answer.shop || answer.entry === 'code' ? answer : send('POST', path, sessionAnswer, {});
}

/** The shop that this device is in; `needsCode` when it has to show a code first. */
export function useSession() {
  const { data } = useSWR(SESSION, comeIn, { revalidateOnFocus: false, ...whileComing(SESSION) });
  const shop = data?.shop?.id;
  useEffect(() => {
    if (shop) void beInShop(shop);
  }, [shop]);
  return {
    data: data?.shop ? { shop: data.shop } : undefined,
    needsCode: data?.shop === null && data.entry === 'code',
  };
}
