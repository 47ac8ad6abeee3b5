import { cuttingOf, type CutSetup } from './cut-setup';
import type { Warning } from './warnings';

/** The usual cautions of the step at hand, the one that bites first in front. */
export function stepCautions(setup: CutSetup, chipCharacter: string): Warning[] {
  const list: Warning[] = [];
  const say = (key: string, text: string): void => {
    list.push({ key, level: 'caution', text });
  };
  const lathe = setup.machine.kind === 'lathe';
  if (setup.machine.kind === 'shaper') {
    say('ram', 'Stand to the side, never in line with the ram; no hand in its path, not to brush, feel or measure.');
    say('stroke', 'Set the stroke with the machine isolated, then turn one full stroke by hand. The clapper must swing free.');
    say('chips', 'Chips fly forward and hot: a screen in front of the ram, glasses on.');
    return list;
  }
  if (['long', 'stringy', 'gummy', 'tough'].includes(chipCharacter) && lathe && cuttingOf(setup) === 'turning') {
    say('ribbon', 'Stringy chip likely: stop, then a hook, never fingers.');
  }
  if (setup.operation === 'drill') {
    say('hold-work', lathe ? 'Ease the feed as the drill breaks through: it pulls itself in.' : 'Clamp the work: a drill that grabs turns it. Ease off at break-through.');
  }
  if (setup.operation === 'part') say('parting', 'Close to the chuck, tool on centre, slides locked, no centre in the end. Never catch the piece by hand.');
  if (setup.operation === 'bore') say('boring', 'Bar clear behind and beside; stop before you feel, measure or brush inside.');
  if (setup.operation === 'ream') say('reaming', 'Oil, and out while it turns forward: turned backward its edges break. Clamp the work.');
  if (setup.operation === 'mill-side' || setup.operation === 'mill-slot') {
    say('climb', 'Feed against the cutter: with slack in the screw a climbing cut pulls the table in.');
  }
  if (setup.operation === 'face-mill') say('swing', 'Turn the cutter once round by hand: it swings wider than it looks.');
  say('belts', 'Isolate before touching belts or back gear. Guards shut before the switch.');
  if (lathe) say('chuck', 'Chuck key out. Stay under the speed marked on the chuck; a jaw standing out lowers it.');
  else say('clamping', 'Try to move the work by hand before the switch. Brush chips only with the spindle stopped.');
  say('eyes', 'Glasses on; no gloves, sleeves or rings near anything that turns.');
  return list;
}

export const DEFER = 'The machine’s manual, local rules and a competent person come before these numbers.';
