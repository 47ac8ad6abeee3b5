import { cuttingOf, type CutSetup } from './cut-setup';
import type { Operation } from './operations';
import type { Warning } from './warnings';

const CLIMB = [
  'climb',
  'Feed against the cutter: with slack in the screw a climbing cut pulls the table in.',
] as const;
/** Where each operation bites. */
const STEP: Partial<Record<Operation, readonly [key: string, text: string | ((lathe: boolean) => string)]>> =
  {
    drill: [
      'hold-work',
      (lathe) =>
        lathe
          ? 'Ease the feed as the drill breaks through: it pulls itself in.'
          : 'Clamp the work: a drill that grabs turns it. Ease off at break-through.',
    ],
    'centre-drill': [
      'pilot',
      'Feed by feel, oil, and out again often: a pilot that breaks stays in the work.',
    ],
    part: [
      'parting',
      'Close to the chuck, tool on centre, slides locked, no centre in the end. Never catch the piece by hand.',
    ],
    groove: ['grooving', 'Tool on centre, square to the work, slides locked; stop before you measure.'],
    form: ['forming', 'Slow, oil, tool on centre; when it chatters go down a step, do not press.'],
    bore: ['boring', 'Bar clear behind and beside; stop before you feel, measure or brush inside.'],
    'mill-bore': [
      'boring-head',
      'The head swings wide and out of balance: turn it once by hand, start at a low speed, hands away.',
    ],
    ream: [
      'reaming',
      'Oil, and out while it turns forward: turned backward its edges break. Clamp the work.',
    ],
    thread: [
      'threading',
      'Half nuts out before the shoulder; brush, not fingers; never feel a thread that turns.',
    ],
    taper: [
      'taper',
      'Dog free to slide, centre oiled, guard over the dog. Look that the work cannot leave its centre.',
    ],
    knurl: [
      'knurling',
      'It pushes hard: centre up, slides locked, oil. Keep the brush on the side where the rollers run out.',
    ],
    file: [
      'filing',
      'Handle on the file, sleeves up, left hand at the handle and elbow over the chuck. Cloth by its two ends, never round the finger or the work.',
    ],
    'mill-side': CLIMB,
    'mill-slot': CLIMB,
    ramp: CLIMB,
    dovetail: CLIMB,
    plunge: ['plunging', 'Lock table and saddle: a cutter that goes down wanders sideways.'],
    'face-mill': ['swing', 'Turn the cutter once round by hand: it swings wider than it looks.'],
    'fly-cut': [
      'fly-swing',
      'The tip swings far out and cannot be seen: turn it once by hand, guard up, stand aside of its plane.',
    ],
    saw: [
      'saw',
      'Feed against the saw, slowly and evenly; it shatters when it climbs or the work moves. Stand aside of its plane.',
    ],
    'form-mill': [
      'form-cutter',
      'Feed against the cutter; a form cutter that snatches breaks its teeth and throws them. Stand aside.',
    ],
    't-slot': [
      't-slot',
      'It breaks at the neck when the chips pack: stop the spindle before you brush them out.',
    ],
  };

/** The usual cautions of the step at hand, the one that bites first in front. */
export function stepCautions(setup: CutSetup, chipCharacter: string): Warning[] {
  const list: Warning[] = [];
  const say = (key: string, text: string): void => {
    list.push({ key, level: 'caution', text });
  };
  const lathe = setup.machine.kind === 'lathe';
  if (setup.machine.kind === 'shaper') {
    say(
      'ram',
      'Stand to the side, never in line with the ram; no hand in its path, not to brush, feel or measure.',
    );
    say(
      'stroke',
      'Set the stroke with the machine isolated, then turn one full stroke by hand. The clapper must swing free.',
    );
    say('chips', 'Chips fly forward and hot: a screen in front of the ram, glasses on.');
    return list;
  }
  if (
    ['long', 'stringy', 'gummy', 'tough'].includes(chipCharacter)
    && lathe
    && cuttingOf(setup) === 'turning'
  ) {
    say('ribbon', 'Stringy chip likely: stop, then a hook, never fingers.');
  }
  const own = STEP[setup.operation];
  if (own) say(own[0], typeof own[1] === 'string' ? own[1] : own[1](lathe));
  say('belts', 'Isolate before touching belts or back gear. Guards shut before the switch.');
  if (lathe)
    say('chuck', 'Chuck key out. Stay under the speed marked on the chuck; a jaw standing out lowers it.');
  else
    say(
      'clamping',
      'Try to move the work by hand before the switch. Brush chips only with the spindle stopped.',
    );
  say('eyes', 'Glasses on; no gloves, sleeves or rings near anything that turns.');
  return list;
}

export const DEFER = 'The machine’s manual, local rules and a competent person come before these numbers.';
