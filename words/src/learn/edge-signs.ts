import { told, type SignWords } from './sign-words';

/** Signs on the edge in words. */
export const EDGE_WORDS = {
  'edge-flew': {
    sign: 'piece of the edge broke away in the cut',
    stop: 'no restart before the piece is found and the work looked at',
    causes: [told('shock, overload or chip recut', 'holding, overhang, interruption, tougher tool')],
  },
  'built-up-edge': {
    sign: 'metal welded on the edge',
    stop: 'clean it off with a hook, never in the cut',
    causes: [
      told('speed in the sticking zone', 'edge stays clean'),
      told('fluid missing or wrong', 'edge stays clean'),
      told('blunt, rough or coated for another metal', 'edge stays clean'),
    ],
  },
  crater: {
    sign: 'hollow worn in the top face behind the edge',
    stop: 'change the edge before the crater reaches it',
    causes: [
      told('hot chip: speed too high', 'slower growth'),
      told('feed too heavy', 'slower growth'),
      told('grade without crater resistance', 'slower growth'),
    ],
  },
  notch: {
    sign: 'notch at the depth-of-cut line',
    stop: 'change the edge when the notch is as deep as half the nose radius',
    causes: [
      told(
        'hard skin or work-hardened layer at one height',
        'wear spreads',
        'vary the depth from pass to pass; go under the skin',
      ),
      told('lead angle too steep', 'notch shallower'),
      told('speed high', 'slower growth'),
    ],
  },
  'flank-even': {
    sign: 'even flank wear land',
    stop: 'regrind or turn to a new edge at a land of 0.3 mm, for a finish at 0.15 mm',
    causes: [
      told('normal wear', 'land starts again at zero'),
      told('wears too quickly: speed', 'life about doubles to triples for 20 % less'),
    ],
  },
  'flank-fast': {
    sign: 'flank wears out within minutes',
    stop: 'stop at a land of 0.3 mm',
    causes: [
      told('speed too high', 'longer life'),
      told('rubbing: feed too fine, low clearance, above centre', 'longer life'),
      told('abrasive skin or tool too soft', 'longer life'),
    ],
  },
  'chipped-edge': {
    sign: 'small chips out of the edge',
    stop: 'a new edge before the next cut',
    causes: [
      told('vibration or overhang', 'edge stays whole'),
      told('edge too thin or grade too brittle', 'edge stays whole'),
      told('interrupted cut with too much feed', 'edge stays whole'),
      told('thermal cracks from on-and-off fluid', 'no cracks square to the edge'),
    ],
  },
  'nose-deformed': {
    sign: 'nose sagged or bulged',
    stop: 'no further cut without a new edge',
    causes: [told('too hot', 'nose keeps its shape'), told('too much feed', 'nose keeps its shape')],
  },
  'edge-blued': {
    sign: 'edge of a steel tool has turned blue and files easily',
    stop: 'grind back past the soft part',
    causes: [told('temper lost', 'no colour'), told('no fluid', 'no colour')],
  },
} as const satisfies Readonly<Record<string, SignWords>>;
