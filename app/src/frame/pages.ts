/** A page as the frame announces it: its heading, and what stands around the heading. */
export interface FramePage {
  /** Regular expression of the paths it is for. */
  readonly path: string;
  /** Null where the heading is only known with the data. */
  readonly title: string | null;
  /** The heading stands right of a way back. */
  readonly under?: boolean;
  /** A line stands under the heading. */
  readonly about?: boolean;
  /** The page fills the screen: no places to go to. */
  readonly bare?: boolean;
}

const place = (path: string, title: string, more: Partial<FramePage> = {}): FramePage => ({
  path: `^${path}/?$`,
  title,
  ...more,
});
const below = (path: string, title: string | null, more: Partial<FramePage> = {}): FramePage => ({
  path: `^${path}/?$`,
  title,
  under: true,
  ...more,
});

/** Pages by their path; the first that fits. A path that fits none has no heading before its data. */
export const FRAME_PAGES: readonly FramePage[] = [
  place('', 'Bench', { about: true }),
  place('/grind', 'Grind'),
  place('/drawer', 'Drawer'),
  place('/book(/runs|/comparisons|/proven|/charts)?', 'Book'),
  below('/book/side-by-side', 'Side by side'),
  below('/cut/forecast', 'What will happen'),
  below('/cut/choose', 'Which tool?'),
  below('/cut/cost', 'What it costs'),
  below('/cut/to-size', 'To size'),
  below('/cut/thread', 'Thread passes'),
  below('/cut/area', 'A flat face'),
  below('/cut/pacer', 'Pacer'),
  below('/cut/quick', 'Quick cut'),
  below('/cut/log', 'What did you see?'),
  below('/cut/run', 'Work up'),
  below('/book/runs/[^/]+', null),
  below('/book/proven/[^/]+', null),
  below('/book/comparisons/[^/]+', null),
  below('/cut/compare', 'Compare two'),
  below('/drawer/identify', 'What is this cutter?'),
  below('/drawer/rescue', 'Metal welded on an edge'),
  below('/drawer/labels', 'Labels'),
  below('/drawer/file', 'As a file'),
  below('/drawer/kit', 'Starting kit'),
  below('/drawer/instruments', 'Instruments'),
  below('/drawer/machines/[^/]+/drive', 'Drive'),
  below('/drawer/machines/[^/]+/gears', 'Change gears'),
  below('/drawer/machines/[^/]+/moves', 'Fewest belt moves'),
  below('/drawer/machines/[^/]+/check', 'Condition check'),
  below('/drawer/machines/[^/]+/plate', 'Speed plate'),
  below('/drawer/machines/[^/]+/reach', 'What it is good for'),
  below('/drawer/machines/[^/]+/true-speed', 'True speed'),
  below('/grind/wheels', 'Wheels'),
  below('/grind/wheels/[^/]+', null),
  below('/grind/round', 'Sharpening round'),
  below('/grind/hone', 'Hone'),
  below('/grind/heat', 'Heat of the tip'),
  below('/grind/sharpen', 'Sharpen a tool'),
  below('/grind/sharpen/[^/]+', 'Sharpen the end teeth'),
  { path: '^/grind/sharpen/[^/]+/steps/?$', title: null, bare: true },
  below('/grind/forms', 'Form cutters'),
  below('/grind/forms/[^/]+', null),
  below('/grind/forms/[^/]+/make', 'Make it', { about: true }),
  below('/grind/forms/[^/]+/prove', 'Prove it', { about: true }),
  below('/grind/forms/[^/]+/cut', 'Cut the gear', { about: true }),
  below('/grind/angles', 'Set angles and circles'),
  below('/grind/short/drill', 'Drill'),
  below('/grind/short/fly-tip', 'Fly-cutter tip'),
  below('/grind/short/brazed', 'Brazed carbide'),
  below('/grind/short/scraper', 'Scraper'),
  below('/grind/[^/]+/set-up', 'Set it up'),
  below('/grind/[^/]+/regrind', 'Regrind'),
  { path: '^/grind/[^/]+/steps/?$', title: null, bare: true },
  below('/settings', 'Settings'),
  below('/glossary', 'Words'),
  below('/files', 'The shop as files'),
];

/** How the frame announces the page of a path; undefined where that is only known with the data. */
export const framePage = (path: string): FramePage | undefined =>
  FRAME_PAGES.find((one) => new RegExp(one.path).test(path));
