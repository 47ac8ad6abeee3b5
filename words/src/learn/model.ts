import {
  GROUP_SD_LN,
  JUDGED_SD_LN,
  MACHINE_SD_LN,
  ODD_SHARE,
  PRIOR_SD_LN,
  RIGHT_WITHIN_LN,
} from '@pike-stone/core/learn';

const percent = (share: number): string => `${Math.round(100 * share)}\u00a0%`;

/** The model of the shop's own factor, as it is stated to people. */
export const FACTOR_MODEL = [
  `The model: the logarithm of the factor begins normal around the table, scatter ${PRIOR_SD_LN}.`,
  `Each cut was too slow, right or too fast; right is within ${percent(RIGHT_WITHIN_LN)} of the factor, judged with a scatter of ${percent(JUDGED_SD_LN)}; ${percent(ODD_SHARE)} of the cuts say nothing.`,
  `In Cut a machine (scatter ${MACHINE_SD_LN}) and its metals and tool materials (${GROUP_SD_LN} around it) are learned together.`,
].join(' ');
