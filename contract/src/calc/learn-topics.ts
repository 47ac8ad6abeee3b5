import { netPowerTopic } from './net-power';
import { plateauDetectionTopic } from './plateau-detection';
import { shopFactorTopic } from './shop-factor';
import { shopFactorHierarchyTopic } from './shop-factor-hierarchy';
import { signAdviceTopic } from './sign-advice';
import { welchIntervalTopic } from './welch-interval';

/** Calculations about signs, learning and the motor as a gauge. */
export const LEARN_TOPICS = {
  'sign-advice': signAdviceTopic,
  'shop-factor': shopFactorTopic,
  'shop-factor-hierarchy': shopFactorHierarchyTopic,
  'plateau-detection': plateauDetectionTopic,
  'net-power': netPowerTopic,
  'welch-interval': welchIntervalTopic,
} as const;
