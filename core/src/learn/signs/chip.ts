import { CHIP_FORMS, CHIP_HEAT, LEAST_CHIP } from './sources';
import { ANY, HARD_TOOLS, STEEL_TOOLS, STOP_NOW, cause, sign } from '../sign';

/** Signs that the chip gives: its shape and its colour. Weights, steps and factors are typical and the shop's to judge. */
export const CHIP_SIGNS = {
  'ribbon-winding': sign('chip-shape', 1, ANY, ANY, CHIP_FORMS, [STOP_NOW]),
  'long-ribbon': sign('chip-shape', 3, ANY, ANY, CHIP_FORMS, [
    cause(0.5, 'feed', 'more', 1.25),
    cause(0.25, 'breaker', 'change'),
    cause(0.15, 'depth', 'more', 1.5),
    cause(0.1, 'speed', 'less', 0.8),
  ]),
  'tight-clock-spring': sign('chip-shape', 3, ANY, ANY, CHIP_FORMS, [
    cause(0.55, 'feed', 'less', 0.8),
    cause(0.45, 'breaker', 'change'),
  ]),
  'good-arcs': sign('chip-shape', 5, ANY, ANY, CHIP_FORMS, [cause(1.0, 'keep', 'keep')]),
  'powder-dust': sign('chip-shape', 4, ANY, ['steel', 'stainless', 'aluminium', 'copper'], LEAST_CHIP, [
    cause(0.65, 'feed', 'more', 1.25),
    cause(0.35, 'edge', 'renew'),
  ]),
  'thick-torn-chip': sign('chip-shape', 3, ANY, ['steel', 'stainless', 'aluminium', 'copper'], CHIP_FORMS, [
    cause(0.4, 'speed', 'more', 1.25, HARD_TOOLS),
    cause(0.35, 'rake', 'more'),
    cause(0.25, 'edge', 'renew'),
  ]),
  'stringy-hair': sign('chip-shape', 4, ANY, ANY, CHIP_FORMS, [
    cause(0.6, 'depth', 'more', 1.5),
    cause(0.4, 'nose-radius', 'less', 0.5),
  ]),
  'chip-dark-blue': sign('chip-colour', 2, STEEL_TOOLS, ['steel', 'stainless'], CHIP_HEAT, [
    cause(0.75, 'speed', 'less', 0.8),
    cause(0.25, 'fluid', 'more'),
  ]),
  'chip-blue-carbide': sign('chip-colour', 5, HARD_TOOLS, ['steel'], CHIP_HEAT, [cause(1.0, 'keep', 'keep')]),
  'chip-silver-carbide': sign('chip-colour', 3, HARD_TOOLS, ['steel'], CHIP_HEAT, [
    cause(0.65, 'speed', 'more', 1.25),
    cause(0.35, 'feed', 'more', 1.25),
  ]),
  'chip-straw': sign('chip-colour', 5, STEEL_TOOLS, ['steel'], CHIP_HEAT, [cause(1.0, 'keep', 'keep')]),
  'chip-black': sign('chip-colour', 2, ANY, ['steel', 'stainless', 'titanium'], CHIP_HEAT, [
    cause(0.6, 'speed', 'less', 0.6),
    cause(0.4, 'edge', 'renew'),
  ]),
};
