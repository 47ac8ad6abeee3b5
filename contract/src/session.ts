import * as z from 'zod';
import { id } from './fields';

/** Whether a device is in a shop, and what it needs to come in: nothing at the shop's own computer, else a code. */
export const sessionAnswer = z.object({
  shop: z.object({ id, name: z.string() }).nullable(),
  entry: z.enum(['open', 'code']),
});
export type SessionAnswer = z.infer<typeof sessionAnswer>;

/** What a device says to come in. */
export const entry = z.strictObject({
  code: z
    .string({ error: 'Type the six digits.' })
    .regex(/^\d{6}$/, 'Type the six digits.')
    .optional(),
  device: z
    .string({ error: 'Give the device a name.' })
    .trim()
    .min(1, 'Give the device a name.')
    .max(60, 'Keep the name under 60 characters.')
    .optional(),
});

/** A device that is in. */
const device = z.object({
  id: z.uuid(),
  name: z.string(),
  /** It came in by a code, and not at the shop's own computer. */
  paired: z.boolean(),
  since: z.iso.datetime(),
  lastUse: z.iso.datetime(),
  /** It is the device that asks. */
  thisOne: z.boolean(),
});
export type Device = z.infer<typeof device>;

export const deviceList = z.object({ devices: z.array(device) });
export type DeviceList = z.infer<typeof deviceList>;

/** What is known of the backups of the shop's computer. */
export const backupAnswer = z.object({
  /** The application makes them; else the database is elsewhere, and so are its backups. */
  made: z.boolean(),
  last: z.iso.datetime().nullable(),
  /** Age of the last good one, or the time without any. */
  ageDays: z.number(),
});
export type BackupAnswer = z.infer<typeof backupAnswer>;

/** The code for the next device; null where only the shop's own computer reaches the server. */
export const pairingAnswer = z.object({ code: z.string().nullable(), until: z.iso.datetime().nullable() });
export type PairingAnswer = z.infer<typeof pairingAnswer>;
