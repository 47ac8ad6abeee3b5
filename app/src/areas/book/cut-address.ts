import { cutChoice, type CutBody } from '@pike-stone/contract';
import { toQuery } from '../cut/set-up';

/** Address that opens a past cut as a set-up, with the step that was really used. */
export function cutAddress(body: CutBody): string {
  const choice = cutChoice.parse(body);
  const asSet = { ...choice, rpmByHand: body.set.rpm, depthMm: body.set.depthMm };
  return `/cut?${new URLSearchParams(toQuery(asSet)).toString()}`;
}
