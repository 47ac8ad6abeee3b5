import { told } from './sign-words';

/** Signs of the chip in words. */
export const CHIP_WORDS = {
  'ribbon-winding': {
    sign: 'long ribbon winds round the work, chuck or cutter',
    stop: 'never pull it by hand while anything turns',
    causes: [
      told(
        'chip does not break and is pulled back by the rotation',
        'feed off, tool clear, spindle stopped; then look',
        'clear with a hook, spindle stopped; then raise the feed',
      ),
    ],
  },
  'long-ribbon': {
    sign: 'long straight or tangled ribbon',
    stop: 'stop if it reaches chuck or hand',
    causes: [
      told(
        'feed too fine for the breaker',
        'next coarser lever, about 25 %',
        'chip curls tighter and breaks into arcs',
      ),
      told(
        'breaker too wide or absent',
        'grind a narrower breaker: width about 5 × feed; or a tighter insert breaker',
        'chip is forced to curl',
      ),
      told('depth under the nose radius', 'half as deep again', 'chip leaves square to the edge'),
      told('speed high for the feed', 'one rung down, about 20 %', 'chip thickens and stiffens'),
    ],
  },
  'tight-clock-spring': {
    sign: 'chips jammed into tight burnt curls',
    stop: 'stop if the chip welds in the breaker',
    causes: [
      told('breaker too narrow for the feed', 'next finer lever, about 20 %', 'curl opens; load falls'),
      told('breaker groove too tight', 'widen the breaker by a third', 'looser curl'),
    ],
  },
  'good-arcs': {
    sign: 'short sixes, nines and arcs falling free',
    stop: 'keep and write it down',
    causes: [
      told(
        'in the breaker’s range',
        'keep; if time matters raise the depth',
        'write the setting in the book',
      ),
    ],
  },
  'powder-dust': {
    sign: 'dust or fine scales instead of chips in a ductile metal',
    stop: 'stop if the work glazes',
    causes: [
      told(
        'rubbing: chip thinner than the edge radius',
        'next coarser lever, about 25 %',
        'chips become whole',
      ),
      told('edge worn round', 'hone, regrind or turn to a new edge', 'same cut makes chips again'),
    ],
  },
  'thick-torn-chip': {
    sign: 'thick, torn, rough-backed segments',
    stop: 'stop if the load climbs',
    causes: [
      told('too slow', 'one rung up, about 25 %', 'smooth-backed chip, less load'),
      told(
        'too little rake',
        '5 degrees more side rake, or a sharper positive insert',
        'thinner, freer chip',
      ),
      told('dull edge', 'hone, regrind or turn to a new edge', 'clean chip'),
    ],
  },
  'stringy-hair': {
    sign: 'wire wool and hair from the finishing pass',
    stop: 'stop before it winds',
    causes: [
      told('depth below nose and edge radius', 'half as deep again', 'a chip instead of hair'),
      told('nose radius too large', 'half the nose radius', 'narrower, thicker chip'),
    ],
  },
  'chip-dark-blue': {
    sign: 'steel chips dark blue with a high speed steel tool',
    stop: 'stop when the edge softens',
    causes: [
      told(
        'edge hotter than high speed steel bears for long',
        'one rung down, about 20 %',
        'straw to brown chips',
      ),
      told('no fluid', 'add fluid, or the right fluid, before the edge', 'paler chips'),
    ],
  },
  'chip-blue-carbide': {
    sign: 'steel chips blue with carbide, cut dry',
    stop: 'none: normal heat',
    causes: [told('heat leaves with the chip', 'keep the speed', 'watch the flank, not the colour')],
  },
  'chip-silver-carbide': {
    sign: 'steel chips stay silver with carbide',
    stop: 'none',
    causes: [
      told('below carbide’s useful speed', 'one rung up, about 25 %', 'straw to blue chips, smoother work'),
      told('feed and depth too light', 'next coarser lever, about 25 %', 'hotter, better broken chips'),
    ],
  },
  'chip-straw': {
    sign: 'pale straw chips with high speed steel',
    stop: 'keep',
    causes: [told('good working heat', 'keep', 'write it down')],
  },
  'chip-black': {
    sign: 'grey-black burnt chips',
    stop: 'stop if sparks are seen',
    causes: [
      told('far too hot', 'two rungs down, about 40 %', 'brown or blue chips'),
      told('edge gone', 'hone, regrind or turn to a new edge', 'cooler chips at the same setting'),
    ],
  },
} as const;
