import type { CutBody, Kind } from '@pike-stone/contract';
import { isSign } from '@pike-stone/core/learn';
import { decode } from 'jpeg-js';

/** A field of a body that cannot be kept, with the reason. */
export interface Fault {
  readonly path: string;
  readonly message: string;
}

/** Limits within which a picture is read: those that the application makes are a tenth of it. */
const PICTURE = { maxResolutionInMP: 4, maxMemoryUsageInMB: 64, tolerantDecoding: false };

/** A picture is decoded whole: what only begins like one is refused. */
function pictureFault({ jpeg }: { readonly jpeg: string }): Fault | null {
  if (jpeg === '') return null;
  try {
    decode(Buffer.from(jpeg, 'base64'), { ...PICTURE, useTArray: true });
    return null;
  } catch {
    return { path: 'jpeg', message: 'This cannot be read as a picture. Take or choose another.' };
  }
}

/** Signs are those of the rule base, which is not part of the record's shape: a page loads without it. */
function signFault({ signs }: Pick<CutBody, 'signs'>): Fault | null {
  const at = (signs ?? []).findIndex((key) => !isSign(key));
  return at < 0
    ? null
    : { path: `signs.${at}`, message: `There is no sign “${signs![at]}” in the rule base.` };
}

const FAULTS: Readonly<Partial<Record<Kind, (body: never) => Fault | null>>> = {
  photos: pictureFault,
  cuts: signFault,
};

/** What is wrong with a body beyond its shape; null when nothing is. */
export const furtherFault = (kind: Kind, body: unknown): Fault | null =>
  FAULTS[kind]?.(body as never) ?? null;
