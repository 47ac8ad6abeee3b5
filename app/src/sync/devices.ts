import { deviceList, pairingAnswer, sessionAnswer, type SessionAnswer } from '@pike-stone/contract';
import * as z from 'zod';
import { send } from './api';
import { SESSION } from './early';
import { useOfShop } from './of-shop';
import { changeShown, readAgain } from './shop-cache';

const DEVICES = '/api/devices';

/** Comes in by a code. Throws Refusal when it is not the one shown now. */
export async function enterBy(code: string, device: string): Promise<void> {
  const answer = await send('POST', SESSION, sessionAnswer, { code, ...(device && { device }) });
  changeShown<SessionAnswer>(SESSION, () => answer);
}

/** The devices that are in the shop, last used first. */
export const useDevices = () => useOfShop(DEVICES, deviceList);

/** The code for the next device; asked again before it changes by itself. */
export const usePairingCode = () => useOfShop(`${DEVICES}/code`, pairingAnswer, { refreshInterval: 20_000 });

/** Sends a device away. */
export async function sendAway(id: string): Promise<void> {
  await send('DELETE', `${DEVICES}/${id}`, z.null(), undefined);
  readAgain(DEVICES);
  readAgain(SESSION);
}
