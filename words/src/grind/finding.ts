import { stopsGrinding, type BitFinding } from '@pike-stone/core/grind';
import { formatAngle, formatLength, joined, type UnitSystem } from '../format';
import { STEP_NAMES } from './step-names';

/** What is wrong with a planned bit, as a sentence, and how bad it is. */
export interface SaidFinding {
  readonly level: 'danger' | 'caution';
  readonly text: string;
}

const deg = (value: number): string => formatAngle(value, 1);

function text(finding: BitFinding, units: UnitSystem): string {
  const size = (mm: number): string => joined(formatLength(mm, units));
  switch (finding.code) {
    case 'no-metal':
      return 'These angles leave no edge on the blank: the nose would lie outside the steel. Set it lower in the steel, or make the angles smaller.';
    case 'face-gone':
      return `${STEP_NAMES[finding.step]} is ground away again by a later face: one of the two is in vain.`;
    case 'weak-section':
      return `Only ${Math.round(finding.share * 100)} % of the blank is left ${size(finding.behindMm)} behind the nose (${size(finding.widthMm)} wide, ${size(finding.heightMm)} high): less than half. It springs and may break.`;
    case 'breaks':
      return `The cut would bend the thin part to ${Math.round(finding.stressMPa)} N/mm²; ${Math.round(finding.allowedMPa)} is a third of what breaks hardened steel. Shorten it or leave more height.`;
    case 'weak-wedge':
      return `A wedge of ${deg(finding.deg)} is thin; under ${deg(finding.leastDeg)} the edge crumbles. Less rake, or less clearance.`;
    case 'no-wedge':
      return `Top and flank meet at ${deg(finding.deg)}: that is no cutting edge. More rake or more clearance.`;
    case 'little-clearance':
      return `${STEP_NAMES[finding.step]} has ${deg(finding.deg)} of clearance; under ${deg(finding.leastDeg)} the heel rubs.`;
    case 'rubs-in-bore':
      return finding.secondDeg === null
        ? `In a bore of ${size(finding.boreMm)} the heel rubs (${size(-finding.gapMm)} into the wall). A lower bit, or more front clearance.`
        : `In a bore of ${size(finding.boreMm)} the heel ${finding.gapMm < 0 ? `stands ${size(-finding.gapMm)} into the wall` : `clears the wall by ${size(finding.gapMm)} only`}: grind a second clearance of ${deg(Math.ceil(finding.secondDeg))} under the first.`;
    case 'bore-too-small':
      return `The bit is ${size(finding.bitMm)} deep under its nose: it does not go into a bore of ${size(finding.boreMm)}. A smaller bit in a bar.`;
    case 'wasted-stock':
      return `The nose lies ${size(finding.downMm)} below the top: that much steel is ground away for nothing.`;
    case 'nose-too-large':
      return `A nose radius of ${size(finding.noseMm)} is larger than its face carries; ${size(finding.mostMm)} at most.`;
    case 'groove-too-wide':
      return `A groove ${size(finding.widthMm)} wide leaves no top behind it; ${size(Math.max(0, finding.mostMm))} at most.`;
    case 'edge-too-short':
      return `The edge is ${size(finding.edgeMm)} long, the cut ${size(finding.depthMm)} deep.`;
    case 'edge-leaves-blank':
      return `The edge leaves the round steel after ${size(finding.edgeMm)}; ${size(finding.plannedMm)} are planned. Set the nose lower, or take a square blank.`;
    case 'blade-too-short':
      return `The blade is ${size(finding.bladeMm)} long; parting this work takes ${size(finding.neededMm)}.`;
    case 'blank-too-narrow':
      return `This shape needs ${size(finding.neededMm)} of width; the blank has ${size(finding.widthMm)}.`;
    case 'hollow-deep':
      return `This small wheel leaves a hollow ${size(finding.sagittaMm)} deep: the edge over it is thin. A larger wheel.`;
  }
}

export const sayBitFinding = (finding: BitFinding, units: UnitSystem): SaidFinding => ({
  level: stopsGrinding(finding) ? 'danger' : 'caution',
  text: text(finding, units),
});
