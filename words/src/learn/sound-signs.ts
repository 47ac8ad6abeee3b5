import { told } from './sign-words';

/** Signs that are heard and felt in words. */
export const SOUND_WORDS = {
  'bang-on-entry': {
    sign: 'a bang or jump as the cutter meets the work',
    stop: 'stop; check the drawbar, vice and gibs',
    causes: [
      told(
        'climb cutting with backlash, or loose cutter',
        'feed off, tool clear, spindle stopped; then look',
        'conventional direction, lock the idle slides',
      ),
    ],
  },
  squeal: {
    sign: 'high steady squeal',
    stop: 'stop if the surface shows ripples',
    causes: [
      told(
        'wide thin contact: nose too large or feed too fine',
        'next coarser lever, about 25 %',
        'squeal stops or drops in pitch',
      ),
      told('edge rubbing or worn', 'hone, regrind or turn to a new edge', 'quiet cut'),
      told('speed in a bad zone', 'one rung down, about 20 %', 'pitch changes'),
      told('nose radius too large', 'half the nose radius', 'quiet'),
    ],
  },
  'chatter-marks': {
    sign: 'chatter: loud howl and even ripples on the work',
    stop: 'stop after two changes without effect; change the set-up',
    causes: [
      told('speed excites tool or work', 'one rung down, about 25 %', 'ripples wider or gone'),
      told(
        'overhang or slender work',
        'shorten tool, work or quill overhang by a third; lock unused slides',
        'ripples gone at the same setting',
      ),
      told('feed too light to damp', 'next coarser lever, about 25 %', 'heavier sound, no ripples'),
      told('width of cut too great', 'one third off', 'gone below a limit depth'),
    ],
  },
  'rumble-low': {
    sign: 'low rumble, whole machine shakes',
    stop: 'stop if parts loosen',
    causes: [
      told('too deep for the machine’s stiffness', 'one third off', 'steady sound'),
      told(
        'loose gibs, belt joint or work out of balance',
        'retighten, support with tailstock, shorter stick-out',
        'same cut runs quiet',
      ),
    ],
  },
  'hiss-crackle': {
    sign: 'even hiss or soft crackle',
    stop: 'keep',
    causes: [told('clean cutting', 'keep', 'write it down')],
  },
  'knock-once-per-rev': {
    sign: 'one knock each revolution',
    stop: 'stop if the tool jumps',
    causes: [
      told(
        'work out of round, or one tooth stands proud',
        'retighten, support with tailstock, shorter stick-out',
        'indicator on work or cutter',
      ),
      told('interrupted surface', 'one third off', 'softer knock'),
    ],
  },
} as const;
