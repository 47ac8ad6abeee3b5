import { facingSpeed } from '../cut/falling-diameter';
import { toothChip } from '../cut/chip-thinning';
import { formatLength, formatSpindleSpeed, joined, type UnitSystem } from '../quantity/format';
import { centreHeight } from '../setting/centre-height';
import { setover, setoverLimit } from '../setting/taper';
import { bladeWidth, type CutSetup } from './cut-setup';
import type { CutPlan } from './cut-plan';
import { OPERATIONS, type Operation } from './operations';
import { cutAngle, cutLength, cutPitch, cutWay, knurlBlank, LARGEST_NOSE, smallEnd } from './particulars';
import type { Warning } from './warnings';

interface Told {
  readonly setup: CutSetup;
  readonly plan: CutPlan;
  readonly length: (mm: number) => string;
  readonly rpm: (rpm: number) => string;
  readonly say: (key: string, level: Warning['level'], text: string) => void;
}

/** Under this angle of the lead edge a shoulder comes out sloping. */
const SQUARE_DEG = 90;
const NO_CENTRE_RAMP_DEG = 3;
const STEEP_RAMP_DEG = 10;
const SAW_TEETH = { fewest: 1.5, most: 5 } as const;
/** A tool that runs this fast along leaves less than two seconds for a relief of one pitch times two, mm/s. */
const HARD_TO_STOP_MM_S = 3;
const BROAD_FORM_MM = 10;
const RUB_SHARE: Readonly<Record<'hss' | 'carbide', { readonly share: number; readonly words: string }>> = {
  hss: { share: 0.5, words: 'half' },
  carbide: { share: 0.33, words: 'a third' },
};

/** What the numbers of one operation give reason to say. */
const TELL: Partial<Record<Operation, (told: Told) => void>> = {
  part: ({ say }) =>
    say(
      'parting-centre',
      'note',
      'The speed falls to nothing at the centre: ease the feed for the last millimetres, or break the pip off.',
    ),
  face: ({ setup, plan, length, rpm, say }) => {
    const { share, words } = RUB_SHARE[plan.edge.family];
    const face = facingSpeed({
      rpm: plan.speed.rungRpm,
      outerDiameterMm: setup.workDiameterMm,
      targetMPerMin: plan.speed.aimMPerMin,
      fraction: share,
    });
    const next = setup.machine.speeds.find((step) => step.rpm > plan.speed.rungRpm);
    const change = next ? (1000 * plan.speed.aimMPerMin) / (Math.PI * next.rpm) : 0;
    const step =
      next && change < setup.workDiameterMm && change > setup.workDiameterMm * 0.15
        ? ` From ⌀${length(change)} inward ${rpm(next.rpm)} is right: worth it on a large face only.`
        : '';
    say(
      'facing-centre',
      'note',
      `Speed falls toward the centre: inside ⌀${length(Math.min(2 * face.radiusBelowMm, setup.workDiameterMm))} it is under ${words} of the aim.${plan.edge.family === 'hss' ? '' : ' Carbide can chip at the centre.'}${step}`,
    );
  },
  shoulder: ({ setup, length, say }) => {
    if (setup.tool.approachDeg < SQUARE_DEG)
      say(
        'shoulder-slope',
        'caution',
        `This tool’s edge stands at ${Math.round(setup.tool.approachDeg)}°: it leaves a slope. A tool of 90° or more cuts the shoulder square.`,
      );
    say(
      'shoulder-corner',
      'note',
      `The nose leaves ${length(setup.tool.noseRadiusMm)} in the corner. Stop the power feed a millimetre short, go on by hand, and feed out across the face.`,
    );
  },
  groove: ({ setup, plan, length, say }) => {
    if (plan.depth.mm > 4 * bladeWidth(setup))
      say(
        'groove-deep',
        'caution',
        `Deeper than four times the blade is wide (${length(4 * bladeWidth(setup))}): clear the chips often, or rough with a wider blade first.`,
      );
  },
  thread: ({ setup, plan, length, say }) => {
    const mmPerS = (cutPitch(setup) * plan.speed.rungRpm) / 60;
    if (mmPerS > HARD_TO_STOP_MM_S)
      say(
        'thread-fast',
        'caution',
        `The tool runs ${length(mmPerS)} a second: hard to stop at a shoulder. One step down until the release is practised, or a wide relief.`,
      );
    if (setup.tool.noseRadiusMm > LARGEST_NOSE * cutPitch(setup) * 1.01)
      say(
        'thread-nose',
        'caution',
        `The nose is too round for this pitch: at most ${length(LARGEST_NOSE * cutPitch(setup))}. The root stays full and the nut binds.`,
      );
    if (setup.machine.kind === 'lathe' && !setup.machine.banjo)
      say(
        'thread-gears',
        'note',
        'This machine’s leadscrew and gears are not known yet: give them on its page, and the gears for this pitch are found.',
      );
  },
  taper: ({ setup, length, say }) => {
    if (smallEnd(setup) <= 0)
      return say(
        'taper-point',
        'danger',
        'At this angle and length the taper runs out to a point: less length or a smaller angle.',
      );
    if (cutWay(setup) === 'set-over') {
      if (setover(setup.stickOutMm, cutAngle(setup)).overLimit)
        say(
          'set-over',
          'caution',
          `Set over by more than a fiftieth of the length (${length(setoverLimit(setup.stickOutMm))}): plain centres bear on a line only. Ball centres, or the compound slide.`,
        );
      say(
        'set-over-reset',
        'note',
        'The next piece must be as long and centred as deep, or its taper differs. Afterwards set the tailstock back and prove it with a test bar.',
      );
    }
    if (cutWay(setup) === 'offset-head')
      say(
        'offset-level',
        'caution',
        'The slide of the head must lie level with the cross slide: rolled by 5° it lifts the centre and the taper comes out hollow and too large. Light cuts: the head is held by its taper only.',
      );
    if (cutWay(setup) === 'compound' && cutLength(setup) > COMPOUND_TRAVEL_MM)
      say(
        'compound-travel',
        'note',
        `Longer than most compound slides travel (about ${length(COMPOUND_TRAVEL_MM)}): look first, or set the tailstock over.`,
      );
    if (cutAngle(setup) > 0)
      say(
        'taper-height',
        'note',
        'The edge exactly on centre: above or below, the taper comes out hollow and of another angle.',
      );
  },
  knurl: ({ setup, length, say }) => {
    const { diameterMm } = knurlBlank(setup.workDiameterMm, cutPitch(setup));
    if (setup.workDiameterMm - diameterMm > 0.02)
      say(
        'knurl-blank',
        'note',
        `Turn the blank to ⌀${length(diameterMm)}: then the knurl closes on whole teeth.`,
      );
  },
  form: ({ setup, plan, length, say }) => {
    if (bladeWidth(setup) > BROAD_FORM_MM)
      say(
        'form-broad',
        'caution',
        `A broad form (${length(bladeWidth(setup))}) chatters on small machines: rough the shape first, then slowest speed and plenty of oil for the form.`,
      );
    if (setup.workDiameterMm - 2 * plan.depth.mm < setup.workDiameterMm / 2)
      say(
        'form-small',
        'note',
        'The smallest diameter of the form runs at under half the speed of the largest: it may tear there.',
      );
  },
  plunge: ({ setup, say }) => centreCutting(setup, say, 'go straight down'),
  ramp: ({ setup, say }) => {
    if (cutAngle(setup) > NO_CENTRE_RAMP_DEG || setup.tool.centreCutting === false)
      centreCutting(setup, say, 'ramp down');
    if (cutAngle(setup) > STEEP_RAMP_DEG)
      say(
        'ramp-steep',
        'caution',
        'Steep: most of the cutting is done by the end of the cutter. Three degrees or less, or drill a start.',
      );
  },
  'mill-bore': ({ plan, rpm, say }) => {
    if (plan.speed.rungRpm > HEAD_RPM)
      say(
        'head-fast',
        'caution',
        `A boring head is never in balance: ${rpm(plan.speed.rungRpm)} is fast for one. Start at half, and never over what is marked on it.`,
      );
  },
  'fly-cut': ({ setup, say }) => {
    if (setup.firstPassOnSkin || setup.interrupted)
      say(
        'fly-skin',
        'caution',
        'One tooth and a blow each turn: not for hard skin or broken faces. A face mill, or an end mill in strips.',
      );
  },
  saw: ({ setup, plan, length, say }) => {
    const { engagementAngleDeg } = toothChip(
      setup.tool.diameterMm,
      Math.min(plan.depth.mm, setup.tool.diameterMm),
      1,
    );
    const inCut = (setup.tool.teeth * engagementAngleDeg) / 360;
    if (inCut > SAW_TEETH.most)
      say(
        'saw-fine',
        'caution',
        `${inCut.toFixed(1)} teeth are in the cut at once: the gullets pack and the saw jams. A coarser saw, or less than ${length(plan.depth.mm)} at a time.`,
      );
    else if (inCut < SAW_TEETH.fewest)
      say('saw-coarse', 'caution', `Only ${inCut.toFixed(1)} teeth in the cut: it hammers. A finer saw.`);
  },
  't-slot': ({ setup, say }) =>
    say(
      't-slot-neck',
      'note',
      `Mill the neck slot first, to its full depth${setup.fluid === 'dry' ? ', and use fluid: chips that stay are cut again' : ''}. Stop and brush the chips out every few centimetres.`,
    ),
  dovetail: ({ setup, say }) =>
    say(
      'dovetail-rough',
      'note',
      `Rough it square first with an end mill; then ${Math.round(cutAngle(setup))}° in light side cuts, the last on both sides at one depth. Measure over two rolls, not at the sharp corners.`,
    ),
};
/** An unbalanced head shakes the spindle above this; what is marked on it counts. */
const HEAD_RPM = 800;
/** Travel of a common compound slide, mm. */
const COMPOUND_TRAVEL_MM = 80;

/** A nose this far off centre is common, mm; it is told where it turns the angles by more than this. */
const OFF_CENTRE_MM = 0.2;
const TOLD_DEG = 3;

/** On thin work a little off centre turns the angles a lot. */
function heightWarning({ setup, plan, length, say }: Told): void {
  const { cutting, turns, force } = OPERATIONS[setup.operation];
  if (
    turns !== 'work'
    || (cutting !== 'turning' && cutting !== 'blade' && cutting !== 'threading')
    || plan.diameterMm <= 2 * OFF_CENTRE_MM
  )
    return;
  const { deltaDeg } = centreHeight(
    force === 'bore' ? 'bore' : 'outside',
    OFF_CENTRE_MM,
    plan.diameterMm,
    0,
    0,
  );
  if (deltaDeg >= TOLD_DEG)
    say(
      'centre-height',
      'note',
      `Set the edge exactly on centre: on this diameter ${length(OFF_CENTRE_MM)} ${force === 'bore' ? 'low' : 'high'} takes ${deltaDeg.toFixed(0)}° of clearance. A thin rule pinched between work and nose must stand upright.`,
    );
}

function centreCutting({ tool }: CutSetup, say: Told['say'], what: string): void {
  if (tool.centreCutting === false)
    say(
      'centre-cutting',
      'danger',
      `This cutter has no teeth at the centre: it cannot ${what}. Drill a start hole, or take a slot drill.`,
    );
  else if (tool.centreCutting === undefined)
    say(
      'centre-unknown',
      'caution',
      `Look at the end of the cutter: unless a tooth reaches the centre it cannot ${what}. Note it in the drawer.`,
    );
}

/** What the cutter, its coating and the width of the cut give reason to say. */
function cutterWarnings({ setup, plan, say }: Told): void {
  const { tool } = setup;
  if (
    tool.coating === 'with-aluminium'
    && plan.metal.key.startsWith('aluminium')
    && plan.metal.key !== 'aluminium-bronze'
  ) {
    say(
      'coating',
      'danger',
      'A coating that holds aluminium welds to aluminium. Uncoated and polished, or a coating without it.',
    );
  }
  if (OPERATIONS[setup.operation].cutting !== 'milling') return;
  if (plan.feed.tooth && plan.feed.tooth.compensation > 1.005)
    say(
      'chip-thinning',
      'note',
      `The narrow cut thins the chip: the feed is raised by ${Math.round(100 * (plan.feed.tooth.compensation - 1))} % so that it still cuts and does not rub.`,
    );
  if (
    plan.speed.factors.applied.some(({ name }) => name === 'full-width-slot')
    && setup.operation !== 't-slot'
  )
    say(
      'full-width',
      'note',
      'Full width: the chips stay in the slot and are cut again. Brush them out; for an accurate width take a smaller cutter and finish the sides.',
    );
}

export function operationWarnings(setup: CutSetup, plan: CutPlan, units: UnitSystem): Warning[] {
  const list: Warning[] = [];
  const told: Told = {
    setup,
    plan,
    length: (mm) => joined(formatLength(mm, units)),
    rpm: (value) => joined(formatSpindleSpeed(value)),
    say: (key, level, text) => void list.push({ key, level, text }),
  };
  TELL[setup.operation]?.(told);
  cutterWarnings(told);
  heightWarning(told);
  return list;
}
