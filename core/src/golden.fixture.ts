import type { Golden } from './operation/golden.fixture';
import type { OperationKey } from './operation/registry';
import { boreGolden } from './operation/bore/bore.golden.fixture';
import { centreDrillGolden } from './operation/centre-drill/centre-drill.golden.fixture';
import { chamferGolden } from './operation/chamfer/chamfer.golden.fixture';
import { dovetailGolden } from './operation/dovetail/dovetail.golden.fixture';
import { drillGolden } from './operation/drill/drill.golden.fixture';
import { faceGolden } from './operation/face/face.golden.fixture';
import { faceMillGolden } from './operation/face-mill/face-mill.golden.fixture';
import { fileGolden } from './operation/file/file.golden.fixture';
import { flyCutGolden } from './operation/fly-cut/fly-cut.golden.fixture';
import { formGolden } from './operation/form/form.golden.fixture';
import { formMillGolden } from './operation/form-mill/form-mill.golden.fixture';
import { grooveGolden } from './operation/groove/groove.golden.fixture';
import { knurlGolden } from './operation/knurl/knurl.golden.fixture';
import { millBoreGolden } from './operation/mill-bore/mill-bore.golden.fixture';
import { millSideGolden } from './operation/mill-side/mill-side.golden.fixture';
import { millSlotGolden } from './operation/mill-slot/mill-slot.golden.fixture';
import { partGolden } from './operation/part/part.golden.fixture';
import { plungeGolden } from './operation/plunge/plunge.golden.fixture';
import { rampGolden } from './operation/ramp/ramp.golden.fixture';
import { reamGolden } from './operation/ream/ream.golden.fixture';
import { sawGolden } from './operation/saw/saw.golden.fixture';
import { shapeGolden } from './operation/shape/shape.golden.fixture';
import { shoulderGolden } from './operation/shoulder/shoulder.golden.fixture';
import { tSlotGolden } from './operation/t-slot/t-slot.golden.fixture';
import { taperGolden } from './operation/taper/taper.golden.fixture';
import { threadGolden } from './operation/thread/thread.golden.fixture';
import { turnGolden } from './operation/turn/turn.golden.fixture';

/** The hand-worked plans of every operation. */
export const GOLDEN: Readonly<Record<OperationKey, readonly Golden[]>> = {
  turn: turnGolden,
  face: faceGolden,
  shoulder: shoulderGolden,
  bore: boreGolden,
  drill: drillGolden,
  'centre-drill': centreDrillGolden,
  ream: reamGolden,
  part: partGolden,
  groove: grooveGolden,
  form: formGolden,
  chamfer: chamferGolden,
  thread: threadGolden,
  taper: taperGolden,
  knurl: knurlGolden,
  file: fileGolden,
  shape: shapeGolden,
  'mill-side': millSideGolden,
  'mill-slot': millSlotGolden,
  plunge: plungeGolden,
  ramp: rampGolden,
  'face-mill': faceMillGolden,
  'fly-cut': flyCutGolden,
  saw: sawGolden,
  'mill-bore': millBoreGolden,
  'form-mill': formMillGolden,
  't-slot': tSlotGolden,
  dovetail: dovetailGolden,
};
