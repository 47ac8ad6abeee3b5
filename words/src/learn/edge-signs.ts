import { told } from './sign-words';

/** Signs on the edge in words. */
export const EDGE_WORDS = {
  'edge-flew': {
    sign: 'piece of the edge broke away in the cut',
    stop: 'no restart before the piece is found and the work looked at',
    causes: [
      told(
        'shock, overload or chip recut',
        'feed off, tool clear, spindle stopped; then look',
        'holding, overhang, interruption, tougher tool',
      ),
    ],
  },
  'built-up-edge': {
    sign: 'metal welded on the edge',
    stop: 'clean it off with a hook, never in the cut',
    causes: [
      told('speed in the sticking zone', 'one rung up, about 25 %', 'edge stays clean'),
      told('fluid missing or wrong', 'add fluid, or the right fluid, before the edge', 'edge stays clean'),
      told(
        'blunt, rough or coated for another metal',
        'tougher or harder tool material, or uncoated for aluminium',
        'edge stays clean',
      ),
    ],
  },
  crater: {
    sign: 'hollow worn in the top face behind the edge',
    stop: 'change before it reaches the edge',
    causes: [
      told('hot chip: speed too high', 'one rung down, about 20 %', 'slower growth'),
      told('feed too heavy', 'next finer lever, about 20 %', 'slower growth'),
      told(
        'grade without crater resistance',
        'tougher or harder tool material, or uncoated for aluminium',
        'slower growth',
      ),
    ],
  },
  notch: {
    sign: 'notch at the depth-of-cut line',
    stop: 'change when as deep as the nose radius / 2',
    causes: [
      told(
        'hard skin or work-hardened layer at one height',
        'vary the depth from pass to pass; go under the skin',
        'wear spreads',
      ),
      told('lead angle too steep', '45 degree lead in place of 90', 'notch shallower'),
      told('speed high', 'one rung down, about 20 %', 'slower growth'),
    ],
  },
  'flank-even': {
    sign: 'even flank wear land',
    stop: 'land 0.3 mm (finish 0.15): regrind or turn',
    causes: [
      told('normal wear', 'hone, regrind or turn to a new edge', 'land starts again at zero'),
      told(
        'wears too quickly: speed',
        'one rung down, about 20 %',
        'life about doubles to triples for 20 % less',
      ),
    ],
  },
  'flank-fast': {
    sign: 'flank wears out within minutes',
    stop: 'land 0.3 mm',
    causes: [
      told('speed too high', 'one rung down, about 20 %', 'longer life'),
      told(
        'rubbing: feed too fine, low clearance, above centre',
        'next coarser lever, about 25 %',
        'longer life',
      ),
      told(
        'abrasive skin or tool too soft',
        'tougher or harder tool material, or uncoated for aluminium',
        'longer life',
      ),
    ],
  },
  'chipped-edge': {
    sign: 'small chips out of the edge',
    stop: 'a new edge before the next cut',
    causes: [
      told(
        'vibration or overhang',
        'shorten tool, work or quill overhang by a third; lock unused slides',
        'edge stays whole',
      ),
      told(
        'edge too thin or grade too brittle',
        '5 degrees less rake, or a small land on the edge',
        'edge stays whole',
      ),
      told('interrupted cut with too much feed', 'next finer lever, about 20 %', 'edge stays whole'),
      told(
        'thermal cracks from on-and-off fluid',
        'carbide: full flow or dry, never now and then',
        'no cracks square to the edge',
      ),
    ],
  },
  'nose-deformed': {
    sign: 'nose sagged or bulged',
    stop: 'new edge',
    causes: [
      told('too hot', 'one rung down, about 20 %', 'nose keeps its shape'),
      told('too much feed', 'next finer lever, about 20 %', 'nose keeps its shape'),
    ],
  },
  'edge-blued': {
    sign: 'edge of a steel tool has turned blue and files easily',
    stop: 'grind back past the soft part',
    causes: [
      told('temper lost', 'one rung down, about 20 %', 'no colour'),
      told('no fluid', 'add fluid, or the right fluid, before the edge', 'no colour'),
    ],
  },
} as const;
