import { compoundIndexingTopic } from './compound-indexing';
import { compoundSineTopic } from './compound-sine';
import { differentialIndexingTopic } from './differential-indexing';
import { feelerStackTopic } from './feeler-stack';
import { gashTopic } from './gash';
import { gaugeStackPairTopic } from './gauge-stack-pair';
import { gaugeStackTopic } from './gauge-stack';
import { indexingTopic } from './indexing';
import { radialRakeOffsetTopic } from './radial-rake-offset';
import { reliefEccentricTopic } from './relief-eccentric';
import { scratchTestTopic } from './scratch-test';
import { sineAngleTopic } from './sine-angle';
import { sineStackTopic } from './sine-stack';
import { stackErrorTopic } from './stack-error';
import { temperForHardnessTopic } from './temper-for-hardness';
import { temperHardnessTopic } from './temper-hardness';

/** Calculations about setting angles and circles, cutter blanks and hardening. */
export const SETTING_TOPICS = {
  'sine-stack': sineStackTopic,
  'sine-angle': sineAngleTopic,
  'compound-sine': compoundSineTopic,
  'gauge-stack': gaugeStackTopic,
  'feeler-stack': feelerStackTopic,
  'gauge-stack-pair': gaugeStackPairTopic,
  'stack-error': stackErrorTopic,
  indexing: indexingTopic,
  'compound-indexing': compoundIndexingTopic,
  'differential-indexing': differentialIndexingTopic,
  'radial-rake-offset': radialRakeOffsetTopic,
  'relief-eccentric': reliefEccentricTopic,
  gash: gashTopic,
  'temper-hardness': temperHardnessTopic,
  'temper-for-hardness': temperForHardnessTopic,
  'scratch-test': scratchTestTopic,
} as const;
