import {
  backupAnswer,
  deviceList,
  pairingAnswer,
  sessionAnswer,
  type SessionAnswer,
} from '@pike-stone/contract';
import { useEffect } from 'react';
import useSWR from 'swr';
import * as z from 'zod';
import { send } from './api';
import { beInShop } from './begin';
import { reading } from './reading';
import { changeShown, readAgain } from './shop-cache';

const SESSION = '/api/session';
const DEVICES = '/api/devices';

/** Asks whether this device is in, and asks to come in where no code is needed. */
async function comeIn(path: string): Promise<SessionAnswer> {
  const answer = await reading(path, sessionAnswer);
  return answer.shop || answer.entry === 'code' ? answer : send('POST', path, sessionAnswer, {});
}

/** The shop that this device is in; `needsCode` when it has to show a code first. */
export function useSession() {
  const { data } = useSWR(SESSION, comeIn, { revalidateOnFocus: false });
  const shop = data?.shop?.id;
  useEffect(() => {
    if (shop) void beInShop(shop);
  }, [shop]);
  return {
    data: data?.shop ? { shop: data.shop } : undefined,
    needsCode: data?.shop === null && data.entry === 'code',
  };
}

/** Comes in by a code. Throws Refusal when it is not the one shown now. */
export async function enterBy(code: string, device: string): Promise<void> {
  const answer = await send('POST', SESSION, sessionAnswer, { code, ...(device && { device }) });
  changeShown<SessionAnswer>(SESSION, () => answer);
}

/** The devices that are in the shop, last used first. */
export const useDevices = () => useSWR(DEVICES, (path: string) => reading(path, deviceList));

/** The code for the next device; asked again before it changes by itself. */
export const usePairingCode = () =>
  useSWR(`${DEVICES}/code`, (path: string) => reading(path, pairingAnswer), { refreshInterval: 20_000 });

/** When the last good backup of the shop's computer was made. */
export function useBackups() {
  const { data: session } = useSession();
  return useSWR(session ? '/api/backups' : null, (path: string) => reading(path, backupAnswer), {
    refreshInterval: 3_600_000,
  });
}

/** Sends a device away. */
export async function sendAway(id: string): Promise<void> {
  await send('DELETE', `${DEVICES}/${id}`, z.null(), undefined);
  readAgain(DEVICES);
  readAgain(SESSION);
}
