import type { Operation } from '@pike-stone/core';
import { centreDrillDrawing } from './centre-drill';
import { discDrawing } from './disc';
import type { Drawing, SketchInput } from './drawing';
import { flyCutDrawing, millBoreDrawing, plungeDrawing, rampDrawing } from './mill-block';
import { Paper, type CutSketchProps } from './Paper';
import { chamferDrawing, formDrawing, grooveDrawing } from './plunging';
import { fileDrawing, knurlDrawing, threadDrawing } from './rim';
import { shoulderDrawing, taperDrawing } from './shoulder';
import { dovetailDrawing, tSlotDrawing } from './undercut';

/** Sketches of the operations that are not met on every visit: fetched after the first load. */
export const DRAW_MORE: Partial<Record<Operation, (input: SketchInput) => Drawing>> = {
  shoulder: shoulderDrawing,
  taper: taperDrawing,
  groove: grooveDrawing,
  form: formDrawing,
  chamfer: chamferDrawing,
  thread: threadDrawing,
  knurl: knurlDrawing,
  file: fileDrawing,
  'centre-drill': centreDrillDrawing,
  plunge: plungeDrawing,
  ramp: rampDrawing,
  'fly-cut': flyCutDrawing,
  'mill-bore': millBoreDrawing,
  saw: discDrawing,
  'form-mill': discDrawing,
  't-slot': tSlotDrawing,
  dovetail: dovetailDrawing,
};

export function MoreSketch(props: CutSketchProps) {
  return <Paper {...props} draw={DRAW_MORE[props.setup.operation]!} />;
}
