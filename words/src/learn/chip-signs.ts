import { told, type SignWords } from './sign-words';

/** Signs of the chip in words. */
export const CHIP_WORDS = {
  'ribbon-winding': {
    sign: 'long ribbon winds round the work, chuck or cutter',
    stop: 'never pull it by hand while anything turns',
    causes: [
      told(
        'chip does not break and is pulled back by the rotation',
        'clear with a hook, spindle stopped; then raise the feed',
      ),
    ],
  },
  'long-ribbon': {
    sign: 'long straight or tangled ribbon',
    stop: 'stop if it reaches chuck or hand',
    causes: [
      told('feed too fine for the breaker', 'chip curls tighter and breaks into arcs'),
      told('breaker too wide or absent', 'chip is forced to curl'),
      told('depth under the nose radius', 'chip leaves square to the edge'),
      told('speed high for the feed', 'chip thickens and stiffens'),
    ],
  },
  'tight-clock-spring': {
    sign: 'chips jammed into tight burnt curls',
    stop: 'stop if the chip welds in the breaker',
    causes: [
      told('breaker too narrow for the feed', 'curl opens; load falls'),
      told('breaker groove too tight', 'looser curl', 'widen the breaker by a third'),
    ],
  },
  'good-arcs': {
    sign: 'short sixes, nines and arcs falling free',
    stop: null,
    causes: [
      told(
        'in the breaker’s range',
        'write the setting in the book',
        'keep; if time matters raise the depth',
      ),
    ],
  },
  'powder-dust': {
    sign: 'dust or fine scales instead of chips in a ductile metal',
    stop: 'stop if the work glazes',
    causes: [
      told('rubbing: chip thinner than the edge radius', 'chips become whole'),
      told('edge worn round', 'same cut makes chips again'),
    ],
  },
  'thick-torn-chip': {
    sign: 'thick, torn, rough-backed segments',
    stop: 'stop if the load climbs',
    causes: [
      told('too slow', 'smooth-backed chip, less load'),
      told('too little rake', 'thinner, freer chip'),
      told('dull edge', 'clean chip'),
    ],
  },
  'stringy-hair': {
    sign: 'wire wool and hair from the finishing pass',
    stop: 'stop before it winds',
    causes: [
      told('depth below nose and edge radius', 'a chip instead of hair'),
      told('nose radius too large', 'narrower, thicker chip'),
    ],
  },
  'chip-dark-blue': {
    sign: 'steel chips dark blue with a high speed steel tool',
    stop: 'stop when the edge softens',
    causes: [
      told('edge hotter than high speed steel bears for long', 'straw to brown chips'),
      told('no fluid', 'paler chips'),
    ],
  },
  'chip-blue-carbide': {
    sign: 'steel chips blue with carbide, cut dry',
    stop: null,
    causes: [told('heat leaves with the chip', 'watch the flank, not the colour', 'keep the speed')],
  },
  'chip-silver-carbide': {
    sign: 'steel chips stay silver with carbide',
    stop: null,
    causes: [
      told('below carbide’s useful speed', 'straw to blue chips, smoother work'),
      told('feed and depth too light', 'hotter, better broken chips'),
    ],
  },
  'chip-straw': {
    sign: 'pale straw chips with high speed steel',
    stop: null,
    causes: [told('good working heat', 'write it down')],
  },
  'chip-black': {
    sign: 'grey-black burnt chips',
    stop: 'stop if sparks are seen',
    causes: [
      told('far too hot', 'brown or blue chips'),
      told('edge gone', 'cooler chips at the same setting'),
    ],
  },
} as const satisfies Readonly<Record<string, SignWords>>;
