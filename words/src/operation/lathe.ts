import {
  bladeWidthMm,
  DEG,
  groovePlunges,
  knurlBlank,
  knurlPitchMm,
  setover,
  smallEndMm,
  taperHalfDeg,
  taperLengthMm,
  taperWay,
  type BoringBar,
  type CutPlan,
  type CutSetup,
  type FormTool,
  type HandFile,
  type KnurlingTool,
  type PartingBlade,
  type TurningTool,
} from '@pike-stone/core';
import { formatDivisions } from '../dial';
import { formatAngle, formatLength, joined, type UnitSystem } from '../format';
import { EXACT, type WorkingLine } from '../working/line';
import { figures, inUnits } from '../working/relation';
import type { OperationWords } from './operation-words';
import { thread } from './lathe-thread';

const say = (mm: number, units: UnitSystem): string => joined(formatLength(mm, units));
const roughing = (_plan: CutPlan, units: UnitSystem): string =>
  `roughing start: ${say(1.5, units)} on the radius, a tenth of the diameter on thin work`;
const LARGEST = 'the largest diameter cut in this pass';

const turn: OperationWords<TurningTool> = {
  verb: 'Turn',
  about: 'outside, along the bar',
  diameter: LARGEST,
  pass: 'as long as the work stands out',
  depthWhy: roughing,
};

const face: OperationWords<TurningTool> = {
  verb: 'Face',
  about: 'across the end, toward the centre',
  diameter: 'the rim of the face: the centre runs slower',
  pass: 'from the rim to the centre',
  stepUp: 'Toward the centre',
  depthWhy: roughing,
};

const shoulder: OperationWords<TurningTool> = {
  verb: 'Turn to a shoulder',
  about: 'along the bar to a square step',
  figures: { length: 'From the end to the shoulder' },
  diameter: LARGEST,
  pass: 'up to the shoulder',
  depthWhy: roughing,
};

/** "Depth, yours" or "Depth, start". */
const depthLabel = ({ depth }: CutPlan): string => (depth.byHand ? 'Depth, yours' : 'Depth, start');

/** "40 divisions in", or nothing where no dial sets the depth. */
const divisionsIn = ({ depth: { dialDivisions } }: CutPlan): string =>
  dialDivisions === null ? '' : `${formatDivisions(dialDivisions)} divisions in`;

const listed = (...parts: readonly string[]): string => parts.filter(Boolean).join(', ');

/** How the slide or the tailstock is set for a taper. */
function taperSet(setup: CutSetup<TurningTool>, units: UnitSystem): string {
  const half = taperHalfDeg(setup);
  const way = taperWay(setup);
  if (way === 'compound') return `compound at ${formatAngle(half)}`;
  const over = joined(formatLength(setover(setup.stickOutMm, half).mm, units));
  return `${way === 'set-over' ? 'tailstock' : 'centre'} over ${over}`;
}

function taperDetails(setup: CutSetup<TurningTool>, units: UnitSystem): WorkingLine[] {
  const length = (mm: number) => joined(formatLength(mm, units));
  const figureOf = (mm: number) => Number(formatLength(mm, units).figure);
  const half = taperHalfDeg(setup);
  const angle = formatAngle(half);
  const [large, long, leaning] = figures(
    [inUnits(setup.workDiameterMm, units), inUnits(taperLengthMm(setup), units), half],
    (D = 0, L = 0, a = 0) => Math.max(0, D - 2 * L * Math.tan(a * DEG)),
    figureOf(smallEndMm(setup)),
  );
  const small: WorkingLine = {
    key: 'small',
    kind: 'relation',
    label: `⌀${large} − 2 × ${long} × tan ${leaning}°`,
    value: `⌀${length(smallEndMm(setup))}`,
    reason: `1 in ${Number((1 / (2 * Math.tan(half * DEG))).toFixed(2))}, half angle ${angle}`,
    source: EXACT,
  };
  if (taperWay(setup) === 'compound')
    return [
      small,
      {
        key: 'set',
        kind: 'machine',
        label: 'Compound slide at',
        value: angle,
        reason: `from the lathe’s axis; marked from square it reads ${formatAngle(90 - half)}. Prove it with an indicator on a true bar.`,
      },
    ];
  const overMm = setover(setup.stickOutMm, half).mm;
  const [out, over] = figures(
    [inUnits(setup.stickOutMm, units), half],
    (L = 0, a = 0) => L * Math.sin(a * DEG),
    figureOf(overMm),
  );
  return [
    small,
    {
      key: 'set',
      kind: 'relation',
      label: `${out} × sin ${over}°`,
      value: length(overMm),
      source: EXACT,
      reason:
        taperWay(setup) === 'set-over'
          ? 'tailstock over, toward you for the small end there; between the points of the centres'
          : 'slide of the head in the tailstock, level with the cross slide; the tailstock stays true',
    },
  ];
}

const taper: OperationWords<TurningTool> = {
  verb: 'Turn a taper',
  about: 'by the compound slide, the tailstock or an offset centre',
  figures: { diameter: 'Large end', length: 'Length of the taper', angle: 'Taper, as the drawing says it' },
  ways: 'How the taper is turned',
  angleAsTaper: true,
  diameter: 'the large end: the small end runs slower',
  pass: 'along the taper',
  depthWhy: roughing,
  depth: (setup, plan, units) => ({
    label: depthLabel(plan),
    setting: listed(taperSet(setup, units), divisionsIn(plan)),
  }),
  details: taperDetails,
};

/** Why a bore starts as deep as it does. */
export const boringStart = (units: UnitSystem): string =>
  `boring start: ${say(0.75, units)} on the radius, 3 % of a small bore`;

const bore: OperationWords<BoringBar> = {
  verb: 'Bore',
  about: 'inside, along the hole',
  figures: { diameter: 'Bore after this cut' },
  diameter: 'the bore as it will be after this cut',
  pass: 'as deep as the bar reaches',
  depthWhy: (_plan, units) => boringStart(units),
};

const part: OperationWords<PartingBlade> = {
  verb: 'Part off',
  about: 'cut the piece off',
  diameter: 'the rim: toward the centre it runs slower and slower',
  pass: 'from the rim to the centre',
  bladeFeed: 'Parting, start',
  depthWhy: () => 'the width of the blade; it goes in to the centre',
  depth: (setup, _plan, units) => ({
    label: 'Blade',
    setting: `${joined(formatLength(setup.workDiameterMm / 2, units))} to the centre`,
  }),
};

const sayPlunges = (count: number): string => (count === 1 ? 'one plunge' : `${count} plunges side by side`);

const groove: OperationWords<PartingBlade> = {
  verb: 'Groove',
  about: 'straight in, between two walls',
  figures: { width: 'Width of the groove' },
  diameter: 'the rim: it falls as the blade goes in',
  pass: 'one plunge of the blade',
  width: 'Width of the groove',
  bladeFeed: 'Grooving, start',
  depthWhy: () => 'a groove to start with; type what the drawing says',
  depth: (setup, plan) => ({
    label: depthLabel(plan),
    setting: listed(
      divisionsIn(plan),
      sayPlunges(groovePlunges(bladeWidthMm(setup), plan.depth.widthInUseMm ?? 0)),
    ),
  }),
  details: (setup) => {
    const blade = bladeWidthMm(setup);
    return [
      {
        key: 'plunges',
        kind: 'relation',
        label: 'Plunges with this blade',
        value: String(groovePlunges(blade, Math.max(blade, setup.widthMm ?? 0))),
        reason: 'side by side with a little overlap, then each wall once from top to bottom',
      },
    ];
  },
};

const form: OperationWords<FormTool> = {
  verb: 'Form-turn',
  about: 'straight in, with the whole form at once',
  diameter: 'the largest diameter the form touches: the others run slower',
  width: 'Width of the form',
  depthWhy: () => 'as deep as the form is',
};

const chamfer: OperationWords<TurningTool> = {
  verb: 'Chamfer',
  about: 'break the edge at an angle',
  figures: { depth: 'Size of the chamfer' },
  diameter: 'the outside of the edge',
  depthWhy: () => 'measured across the edge that goes',
  depth: () => ({ label: 'Chamfer', setting: 'by the compound or cross slide' }),
};

const knurl: OperationWords<KnurlingTool> = {
  verb: 'Knurl',
  about: 'a grip pressed into the rim',
  figures: { pitch: 'Pitch of the knurl' },
  pitches: { mm: ['0.6 mm', '0.8 mm', '1 mm', '1.2 mm', '1.6 mm'], inch: ['33 tpi', '21 tpi', '14 tpi'] },
  diameter: 'the blank',
  pass: 'as long as the work stands out',
  depthWhy: () => 'about a third of the pitch; the rim grows by about as much',
  depth: (_setup, { depth: { dialDivisions } }) => ({
    label: 'Press in',
    setting:
      dialDivisions === null
        ? 'in two or three passes'
        : `${formatDivisions(dialDivisions)} divisions, in two or three passes`,
  }),
  details: (setup, units) => {
    const pitchMm = knurlPitchMm(setup);
    const { teeth, diameterMm } = knurlBlank(setup.workDiameterMm, pitchMm);
    const shown = formatLength(diameterMm, units);
    const [pitch] = figures(
      [units === 'mm' ? pitchMm : pitchMm / 25.4],
      (p = 0) => (teeth * p) / Math.PI,
      Number(shown.figure),
    );
    return [
      {
        key: 'blank',
        kind: 'relation',
        label: `${teeth} × ${pitch} ÷ π`,
        value: `⌀${joined(shown)}`,
        reason: 'a blank of this size closes on whole teeth; others cut double',
        source: EXACT,
      },
    ];
  },
};

const file: OperationWords<HandFile> = {
  verb: 'File and polish',
  about: 'marks off, edges broken, by hand',
  diameter: 'the work; read from the HSS column',
  depthWhy: () => 'a file and cloth take off marks, not size',
  depth: () => ({ label: 'Takes about', setting: 'no more: marks, not size' }),
};

/** Words of the operations of a lathe. */
export const LATHE_WORDS = {
  turn,
  face,
  shoulder,
  taper,
  bore,
  part,
  groove,
  form,
  chamfer,
  thread,
  knurl,
  file,
} as const;
