import type { Identified, Observation, Substance, Test } from '@pike-stone/core/identify';

/** What a cutter can be made of. */
export const SUBSTANCE_WORDS: Readonly<Record<Substance, string>> = {
  'carbon-steel': 'Carbon steel',
  hss: 'High speed steel',
  'cobalt-hss': 'Cobalt high speed steel',
  carbide: 'Carbide',
  cermet: 'Cermet',
  ceramic: 'Ceramic',
  'pcd-tipped': 'Diamond tipped',
};

/** How a test is done, and its caution where it has one. */
export const TEST_WORDS: Readonly<
  Record<Test, { readonly title: string; readonly how: string; readonly caution?: string }>
> = {
  magnet: {
    title: 'Magnet',
    how: 'A small strong magnet on a thread: steel makes it jump, common carbide draws it weakly. Try a brazed tool at its tip.',
  },
  colour: {
    title: 'Colour',
    how: 'The bare body, not a coating: gold, violet or black may sit on anything.',
  },
  shank: { title: 'Shank and finish', how: 'How the shank was made.' },
  failure: { title: 'How it failed', how: 'Look at the worn or broken place with a glass.' },
  stone: {
    title: 'Stone or file',
    how: 'On a spot where any coating is rubbed off: a file, then an aluminium oxide stone.',
    caution: 'Dust of carbide, cobalt and ceramic is not breathed: wet, with a mask.',
  },
  spark: {
    title: 'Spark',
    how: 'Last, on a waste corner at the wheel: look at the stream.',
    caution:
      'Face shield and respirator, dust drawn off. No carbide on a soft aluminium oxide wheel; fume of old brazing may hold cadmium.',
  },
};

/** What can be seen, in short. */
export const SEEN_WORDS: Readonly<Record<Observation, string>> = {
  strong: 'Jumps to it',
  weak: 'Weakly drawn',
  none: 'Nothing at all',
  'bright-steel': 'Bright steel',
  'dark-steel': 'Dark steel',
  'matt-grey': 'Matt grey',
  'white-or-black-matt': 'White or matt black',
  'straw-or-blue-tempered': 'Straw or blue',
  'ground-bright': 'Ground bright',
  'black-or-forged': 'Black or forged',
  'as-sintered': 'As sintered',
  'steel-shank-brazed-tip': 'Tip brazed on steel',
  'welded-two-metal': 'Two metals welded',
  'blued-and-soft': 'Blued and soft',
  'worn-round': 'Worn round',
  bent: 'Bent',
  chipped: 'Chipped',
  'clean-glassy-break': 'Clean glassy break',
  'file-bites': 'A file bites',
  'aluminium-oxide-cuts': 'Aluminium oxide cuts it',
  'only-silicon-carbide-or-diamond': 'Only silicon carbide or diamond',
  'diamond-skates': 'Diamond skates on it',
  'white-bursting-forks': 'White, bursting forks',
  'orange-few-forks': 'Orange, few forks',
  'short-dull-red': 'Short, dull red',
};

/** No evidence makes it more certain than this in words. */
const MOST_SAID = 0.99;

/** A share of the odds, as whole percents. */
export const sayOdds = (share: number): string => {
  const whole = Math.round(100 * Math.min(MOST_SAID, share));
  return whole === 0 ? 'under 1\u00a0%' : `${whole}\u00a0%`;
};

/** What it most likely is. */
export const saySubstance = ({ best, odds, sure }: Identified): string =>
  `${SUBSTANCE_WORDS[best]}, ${sure ? 'sure' : sayOdds(odds[best])}`;

/** What can be looked at next: a test, or weight and size. */
export type Look = Test | 'weigh';

/** What tells most next; null when it is sure, or when nothing tells much. */
export const nextLook = ({ sure, next, weighNext }: Identified): Look | null =>
  sure ? null : weighNext ? 'weigh' : next;

/** What tells most next, or what is left open. */
export function sayNextLook(found: Identified): string {
  const look = nextLook(found);
  if (look)
    return `Tells most next: ${look === 'weigh' ? 'weigh and measure' : TEST_WORDS[look].title.toLowerCase()}`;
  if (found.sure) return 'Enough was seen.';
  return found.best === 'hss' || found.best === 'cobalt-hss'
    ? `A steel, ${sayOdds(found.steels)}; which one is left open.`
    : 'What is left open stays open.';
}
