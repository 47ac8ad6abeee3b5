import { told, type SignWords } from './sign-words';

/** Signs that are heard and felt in words. */
export const SOUND_WORDS = {
  'bang-on-entry': {
    sign: 'a bang or jump as the cutter meets the work',
    stop: 'stop; check the drawbar, vice and gibs',
    causes: [
      told('climb cutting with backlash, or loose cutter', 'conventional direction, lock the idle slides'),
    ],
  },
  squeal: {
    sign: 'high steady squeal',
    stop: 'stop if the surface shows ripples',
    causes: [
      told('wide thin contact: nose too large or feed too fine', 'squeal stops or drops in pitch'),
      told('edge rubbing or worn', 'quiet cut'),
      told('speed in a bad zone', 'pitch changes'),
      told('nose radius too large', 'quiet'),
    ],
  },
  'chatter-marks': {
    sign: 'chatter: loud howl and even ripples on the work',
    stop: 'stop after two changes without effect; change the set-up',
    causes: [
      told('speed excites tool or work', 'ripples wider or gone'),
      told('overhang or slender work', 'ripples gone at the same setting'),
      told('feed too light to damp', 'heavier sound, no ripples'),
      told('width of cut too great', 'gone below a limit depth'),
    ],
  },
  'rumble-low': {
    sign: 'low rumble, whole machine shakes',
    stop: 'stop if parts loosen',
    causes: [
      told('too deep for the machine’s stiffness', 'steady sound'),
      told('loose gibs, belt joint or work out of balance', 'same cut runs quiet'),
    ],
  },
  'hiss-crackle': {
    sign: 'even hiss or soft crackle',
    stop: null,
    causes: [told('clean cutting', 'write it down')],
  },
  'knock-once-per-rev': {
    sign: 'one knock each revolution',
    stop: 'stop if the tool jumps',
    causes: [
      told('work out of round, or one tooth stands proud', 'indicator on work or cutter'),
      told('interrupted surface', 'softer knock'),
    ],
  },
} as const satisfies Readonly<Record<string, SignWords>>;
