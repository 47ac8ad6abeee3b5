import { coarsePitch, threadDepth, threadHalfAngle, type ThreadForm } from '../../setting/thread';
import type { ThreadingTool } from '../../tool/tool';
import type { Job } from '../job';

/** A rounder nose than this many pitches does not reach the bottom of the profile: the round root of ISO 68-1. */
export const LARGEST_NOSE_PITCHES = 0.1443;
/** A thread is cut about so many diameters long when no length is said. */
const USUAL_DIAMETERS = 1.5;

type Sizes = Pick<Job<ThreadingTool>, 'pitchMm' | 'workDiameterMm' | 'tool' | 'way'>;

/** Pitch as typed, else the coarse pitch of the diameter in the profile of the tool, mm. */
export const threadPitchMm = ({
  pitchMm,
  workDiameterMm,
  tool,
}: Pick<Job<ThreadingTool>, 'pitchMm' | 'workDiameterMm' | 'tool'>): number =>
  pitchMm ?? coarsePitch(workDiameterMm, threadFormOf(tool));

/** Length as typed, else one and a half diameters of what stands out, mm. */
export const threadLengthMm = ({
  lengthMm,
  stickOutMm,
  workDiameterMm,
}: Pick<Job, 'lengthMm' | 'stickOutMm' | 'workDiameterMm'>): number =>
  lengthMm ?? Math.min(stickOutMm, Math.max(1, Math.round(USUAL_DIAMETERS * workDiameterMm)));

export const threadFormOf = ({ threadAngleDeg }: Pick<ThreadingTool, 'threadAngleDeg'>): ThreadForm =>
  threadAngleDeg === 55 ? 'form-55' : 'iso-60';

/** The thread as this tool cuts it: outside its nose decides the depth, inside the basic profile does. */
export function threadOf(job: Sizes) {
  const { tool, workDiameterMm } = job;
  const form = threadFormOf(tool);
  const pitchMm = threadPitchMm(job);
  const noseMm = Math.min(tool.noseRadiusMm, LARGEST_NOSE_PITCHES * pitchMm);
  const { sharpMm, depthMm, rootMm, pitchDiameterMm, minorInsideMm, minorOutsideMm } = threadDepth(
    form,
    pitchMm,
    workDiameterMm,
    0,
    noseMm,
  );
  const inside = job.way === 'inside';
  return {
    sharpMm,
    rootMm,
    pitchDiameterMm,
    minorInsideMm,
    minorOutsideMm,
    form,
    pitchMm,
    inside,
    halfDeg: threadHalfAngle(form),
    depthMm: inside ? (workDiameterMm - minorInsideMm) / 2 : depthMm,
  };
}
