import { BUILT_UP, EDGE_WEAR } from './sources';
import { ANY, HARD_TOOLS, STEEL_TOOLS, STOP_NOW, cause, sign } from '../sign';

/** Signs on the cutting edge after the cut. Weights, steps and factors are typical and the shop's to judge. */
export const EDGE_SIGNS = {
  'edge-flew': sign('edge', 1, ANY, ANY, EDGE_WEAR, [STOP_NOW]),
  'built-up-edge': sign('edge', 2, ANY, ['aluminium', 'steel', 'stainless', 'copper'], BUILT_UP, [
    cause(0.35, 'speed', 'more', 1.25, HARD_TOOLS),
    cause(0.3, 'fluid', 'more'),
    cause(0.35, 'tool-material', 'change'),
  ]),
  crater: sign('edge', 2, ANY, ['steel', 'stainless', 'titanium'], EDGE_WEAR, [
    cause(0.55, 'speed', 'less', 0.8),
    cause(0.2, 'feed', 'less', 0.8),
    cause(0.25, 'tool-material', 'change'),
  ]),
  notch: sign('edge', 2, ANY, ['stainless', 'titanium', 'steel'], EDGE_WEAR, [
    cause(0.55, 'depth', 'more', 1.5),
    cause(0.25, 'lead-angle', 'change'),
    cause(0.2, 'speed', 'less', 0.8),
  ]),
  'flank-even': sign('edge', 5, ANY, ANY, EDGE_WEAR, [
    cause(0.7, 'edge', 'renew'),
    cause(0.3, 'speed', 'less', 0.8),
  ]),
  'flank-fast': sign('edge', 2, ANY, ANY, EDGE_WEAR, [
    cause(0.6, 'speed', 'less', 0.8),
    cause(0.25, 'feed', 'more', 1.25),
    cause(0.15, 'tool-material', 'change'),
  ]),
  'chipped-edge': sign('edge', 2, ANY, ANY, EDGE_WEAR, [
    cause(0.3, 'overhang', 'less'),
    cause(0.3, 'rake', 'less'),
    cause(0.25, 'feed', 'less', 0.8),
    cause(0.15, 'fluid', 'less'),
  ]),
  'nose-deformed': sign('edge', 2, ANY, ANY, EDGE_WEAR, [
    cause(0.6, 'speed', 'less', 0.8),
    cause(0.4, 'feed', 'less', 0.8),
  ]),
  'edge-blued': sign('edge', 2, STEEL_TOOLS, ANY, EDGE_WEAR, [
    cause(0.65, 'speed', 'less', 0.8),
    cause(0.35, 'fluid', 'more'),
  ]),
};
