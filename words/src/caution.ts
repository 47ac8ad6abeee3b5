import { stepCautions, type CutPlan, type CutSetup, type StepCaution } from '@pike-stone/core';
import type { Warning } from './finding';

/** The sentence of each caution: the hazard and its reason. */
const CAUTION_WORDS: Readonly<Record<StepCaution, string | ((lathe: boolean) => string)>> = {
  ram: 'Stand to the side, never in line with the ram; no hand in its path, not to brush, feel or measure.',
  stroke:
    'Set the stroke with the machine isolated, then turn one full stroke by hand. The clapper must swing free.',
  chips: 'Chips fly forward and hot: a screen in front of the ram, glasses on.',
  ribbon: 'Stringy chip likely: stop, then a hook, never fingers.',
  'hold-work': (lathe) =>
    lathe
      ? 'Ease the feed as the drill breaks through: it pulls itself in.'
      : 'Clamp the work: a drill that grabs turns it. Ease off at break-through.',
  pilot: 'Feed by feel, oil, and out again often: a pilot that breaks stays in the work.',
  parting:
    'Close to the chuck, tool on centre, slides locked, no centre in the end. Never catch the piece by hand.',
  grooving: 'Tool on centre, square to the work, slides locked; stop before you measure.',
  forming: 'Slow, oil, tool on centre; when it chatters go down a step, do not press.',
  boring: 'Bar clear behind and beside; stop before you feel, measure or brush inside.',
  'boring-head':
    'The head swings wide and out of balance: turn it once by hand, start at a low speed, hands away.',
  reaming: 'Oil, and out while it turns forward: turned backward its edges break. Clamp the work.',
  threading: 'Half nuts out before the shoulder; brush, not fingers; never feel a thread that turns.',
  taper: 'Dog free to slide, centre oiled, guard over the dog. Look that the work cannot leave its centre.',
  knurling:
    'It pushes hard: centre up, slides locked, oil. Keep the brush on the side where the rollers run out.',
  filing:
    'Handle on the file, sleeves up, left hand at the handle and elbow over the chuck. Cloth by its two ends, never round the finger or the work.',
  climb: 'Feed against the cutter: with slack in the screw a climbing cut pulls the table in.',
  plunging: 'Lock table and saddle: a cutter that goes down wanders sideways.',
  swing: 'Turn the cutter once round by hand: it swings wider than it looks.',
  'fly-swing':
    'The tip swings far out and cannot be seen: turn it once by hand, guard up, stand aside of its plane.',
  saw: 'Feed against the saw, slowly and evenly; it shatters when it climbs or the work moves. Stand aside of its plane.',
  'form-cutter':
    'Feed against the cutter; a form cutter that snatches breaks its teeth and throws them. Stand aside.',
  't-slot': 'It breaks at the neck when the chips pack: stop the spindle before you brush them out.',
  belts: 'Isolate before touching belts or back gear. Guards shut before the switch.',
  chuck: 'Chuck key out. Stay under the speed marked on the chuck; a jaw standing out lowers it.',
  clamping: 'Try to move the work by hand before the switch. Brush chips only with the spindle stopped.',
  eyes: 'Glasses on; no gloves, sleeves or rings near anything that turns.',
};

/** The usual cautions of the operation as sentences, the most pressing first. */
export function cautions(setup: CutSetup, { metal }: CutPlan): Warning[] {
  const lathe = setup.machine.kind === 'lathe';
  return stepCautions(setup, metal.chipCharacter).map((key) => {
    const words = CAUTION_WORDS[key];
    return { key, level: 'caution', text: typeof words === 'string' ? words : words(lathe) };
  });
}

/** The sentence that stands below all results. */
export const DEFER = 'The machine’s manual, local rules and a competent person come before these numbers.';
