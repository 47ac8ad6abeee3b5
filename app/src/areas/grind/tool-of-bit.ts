import type { BitBody, GrindBody, ToolBody } from '@pike-stone/contract';
import { angleRead, grooveDepth, heelAlongShank, STOCK_MM, type ReadAngle } from '@pike-stone/core/grind';
import { planOf } from './bit-model';

/** Planes that a protractor is laid in. */
const PLANES = ['across-shank', 'along-shank'] as const;

/**
 * Angles as they were last read on a bit; those that nobody read are left out. A face that was ground
 * again and not measured has lost its reading.
 */
export function measuredAngles(sessions: readonly GrindBody[]): Partial<Record<ReadAngle, number>> {
  const inOrder = [...sessions].sort((a, b) => a.startedAt.localeCompare(b.startedAt));
  const found = new Map<ReadAngle, number>();
  for (const { done, readings } of inOrder) {
    for (const step of done)
      for (const plane of PLANES) {
        const angle = angleRead(step, plane);
        if (angle) found.delete(angle);
      }
    for (const { step, plane, deg } of readings) {
      const angle = angleRead(step, plane);
      if (angle) found.set(angle, deg);
    }
  }
  return Object.fromEntries(found);
}

const LEAST_NOSE_MM = 0.05;
/** Circle that a fly-cutter tip runs on when nothing is known of its body, mm. */
const USUAL_FLY_MM = 60;

/** The sizes of the tool that a bit is, by its shape. */
function sizesOf(body: BitBody) {
  const { shape, angles, noseRadiusMm, sizes, blank, use } = body;
  const nosed = {
    noseRadiusMm: Math.max(LEAST_NOSE_MM, noseRadiusMm),
    approachDeg: angles.kappaDeg,
    cornerDeg: Math.min(170, Math.max(20, 180 - angles.kappaDeg - angles.kappa2Deg)),
  };
  switch (shape) {
    case 'round-nose':
      return {
        kind: 'turning-tool',
        ...nosed,
        noseRadiusMm: sizes.radiusMm,
        shankMm: blank.heightMm,
      } as const;
    case 'boring':
      return { kind: 'boring-bar', ...nosed, barMm: blank.widthMm } as const;
    case 'parting':
      return { kind: 'parting-blade', widthMm: sizes.widthMm } as const;
    case 'thread-60':
    case 'thread-55':
      return {
        kind: 'threading-tool',
        noseRadiusMm: Math.max(LEAST_NOSE_MM, sizes.flatMm / 2),
        threadAngleDeg: shape === 'thread-60' ? 60 : 55,
      } as const;
    case 'chamfer-90':
      return {
        kind: 'form-tool',
        widthMm: blank.widthMm,
        depthMm: Math.max(0.5, blank.widthMm / 2),
      } as const;
    case 'radius-convex':
    case 'radius-concave':
      return {
        kind: 'form-tool',
        widthMm: 2 * sizes.radiusMm,
        depthMm: Math.max(0.5, sizes.radiusMm),
      } as const;
    case 'fly-cutter':
      return {
        kind: 'fly-cutter',
        diameterMm: use?.diameterMm ?? USUAL_FLY_MM,
        teeth: 1,
        noseRadiusMm: nosed.noseRadiusMm,
        approachDeg: nosed.approachDeg,
      } as const;
    default:
      return { kind: 'turning-tool', ...nosed, shankMm: blank.heightMm } as const;
  }
}

/** The bit as a tool of the drawer, with its angles as measured where they were. */
export function toolOfBit(body: BitBody, sessions: readonly GrindBody[]): ToolBody {
  const measured = measuredAngles(sessions);
  const { angles, groove, heel } = body;
  return {
    ...sizesOf(body),
    name: body.name,
    material: body.material,
    dull: body.state === 'dull',
    note: body.note,
    ...(body.place !== undefined && { place: body.place }),
    regrindMm: STOCK_MM.regrind,
    ground: {
      sideRakeDeg: measured.sideRakeDeg ?? angles.sideRakeDeg,
      backRakeDeg: measured.backRakeDeg ?? angles.backRakeDeg,
      sideClearanceDeg: measured.sideClearanceDeg ?? angles.sideClearanceDeg,
      frontClearanceDeg: measured.frontClearanceDeg ?? angles.frontClearanceDeg,
      measured: Object.keys(measured) as ReadAngle[],
      heelMm: Math.max(0, body.blank.heightMm - body.noseDownMm),
      ...(heel && { heel: { ...heel, clearanceDeg: heelAlongShank(planOf(body), heel.clearanceDeg) } }),
      ...(groove && {
        groove: { landMm: groove.landMm, widthMm: groove.widthMm, depthMm: grooveDepth(groove) },
      }),
    },
  };
}
