import type { OperationKey } from '@pike-stone/core';
import type { OperationSketch } from '../sketch/drawing';
import { centreDrill } from './centre-drill';
import { chamfer } from './chamfer';
import { dovetail } from './dovetail';
import { file } from './file';
import { flyCut } from './fly-cut';
import { form } from './form';
import { formMill } from './form-mill';
import { groove } from './groove';
import { knurl } from './knurl';
import { millBore } from './mill-bore';
import { plunge } from './plunge';
import { ramp } from './ramp';
import { saw } from './saw';
import { shoulder } from './shoulder';
import { tSlot } from './t-slot';
import { taper } from './taper';
import { thread } from './thread';

/** Sketches of the less usual operations, loaded after the first load. */
export const MORE_SKETCHES = {
  shoulder,
  'centre-drill': centreDrill,
  groove,
  thread,
  knurl,
  form,
  chamfer,
  taper,
  file,
  plunge,
  ramp,
  'fly-cut': flyCut,
  saw,
  'mill-bore': millBore,
  'form-mill': formMill,
  't-slot': tSlot,
  dovetail,
} as const satisfies Partial<Record<OperationKey, OperationSketch>>;
