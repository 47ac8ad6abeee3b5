import type { MakeStep } from '@pike-stone/core/form';
import { OWN_TAPER_DEG } from '@pike-stone/core/form';
import type { ScratchVerdict, TemperingColour, scratchTest } from '@pike-stone/core/setting';
import { capital } from '../capital';
import { sayLength } from '../forecast/row';
import { formatAngle, formatHeat, formatLength, type Shown, type UnitSystem } from '../format';
import { gaugeLength, sayFine, sayGauge } from './fine';

const TEMPERING_WORDS: Readonly<Record<TemperingColour, string>> = {
  none: 'no colour yet',
  'pale-straw': 'pale straw',
  straw: 'straw',
  'dark-straw': 'dark straw',
  brown: 'brown',
  'brown-purple': 'brown-purple',
  purple: 'purple',
  'dark-blue': 'dark blue',
  'full-blue': 'full blue',
  'pale-blue': 'pale blue',
  grey: 'grey',
};

const SCRATCH_WORDS: Readonly<Record<ScratchVerdict, string>> = {
  repeat: 'The files contradict one another: repeat on a clean ground spot, the skin may be soft.',
  'hard-enough': 'Hard enough.',
  'too-soft': 'Too soft: harden it again.',
  undecided: 'Not decided: try a file in between.',
};

/** How hard marked files say that a cutter is. */
export function sayScratch({ verdict, lowHrc, highHrc }: ReturnType<typeof scratchTest>): string {
  const ends = [lowHrc === null ? null : `above ${lowHrc}`, highHrc === null ? null : `below ${highHrc}`];
  if (verdict === 'repeat') return SCRATCH_WORDS.repeat;
  return `${SCRATCH_WORDS[verdict]} ${capital(ends.filter((end) => end !== null).join(', '))} HRC.`;
}

export interface SaidStep {
  readonly title: string;
  /** A few figures to set, large. */
  readonly figures: readonly { readonly label: string; readonly figure: string; readonly about: string }[];
  readonly lines: readonly string[];
  readonly caution: string | null;
}

/** A length below this is arithmetic, mm. */
const NOTICED_MM = 0.0005;

const GRINDING =
  'Eyes covered, wheel or stone rated for the speed, guard and dust away; a small mounted stone bends and bursts above the speed for its overhang.';

/** One step of making a form cutter. */
export function sayMakeStep(step: MakeStep, units: UnitSystem): SaidStep {
  const size = (mm: number): string => sayLength(mm, units);
  const shown = (label: string, { figure: text, unit }: Shown, about: string) => ({
    label,
    figure: text,
    about: `${unit}, ${about}`,
  });
  const figure = (label: string, mm: number, about: string) => shown(label, formatLength(mm, units), about);
  /** A size that is set by gauges. */
  const gauge = (mm: number): string => sayGauge(mm, units);
  const angle = (label: string, deg: number, about: string) => ({
    label,
    figure: formatAngle(deg, 1),
    about,
  });
  /** The unit of a temperature, with the same in the shop's own. */
  const celsius = (c: number): string => (units === 'mm' ? '°C' : `°C (${formatHeat(c, units)})`);
  /** Where the centre of an arc stands, from the middle of the form and its tip. */
  const centre = ([x, y]: readonly [number, number], times: number): string =>
    `Its centre stands ${sayAside(x, times)} and ${gauge(Math.abs(y))} ${y < 0 ? 'below' : 'above'} the tip.`;
  const sayAside = (x: number, times: number): string => {
    if (times === 2) return `${gauge(Math.abs(x))} either side of the middle`;
    return Math.abs(x) < NOTICED_MM
      ? 'on the middle'
      : `${gauge(Math.abs(x))} ${x > 0 ? 'right' : 'left'} of the middle`;
  };
  const nothing = { figures: [], lines: [], caution: null };
  switch (step.key) {
    case 'blank':
      return {
        ...nothing,
        title: 'The blank',
        lines: [
          `Tool steel, annealed, with ${formatAngle(step.clearanceDeg, 1)} of clearance on the end and ${size(step.lengthMm)} of length for the form.`,
          step.turned
            ? 'Top face flat and square to the sides of the shank.'
            : 'Face flat; it is the plane that everything is measured from.',
          'No sharp inner corners and no deep stamp marks: they crack in the quench.',
        ],
      };
    case 'slides':
      return {
        ...nothing,
        title: 'The form, by the slide table',
        figures: [
          angle('Tilt of the blank', step.tiltDeg, 'face from the plane of the slides'),
          ...(Number.isFinite(step.largestMm) ? [figure('Stone radius', step.largestMm, 'at the most')] : []),
        ],
        lines: [
          'Bring the wheel to each stop of the table below, in order. The table holds the form as it is square to the relief, corrected for rake and clearance.',
        ],
        caution: GRINDING,
      };
    case 'stone':
      return {
        ...nothing,
        title: `${step.job.times === 2 ? 'Both hollows' : 'The hollow'} of radius ${size(step.job.radiusMm)}`,
        figures: [
          figure(
            'Up from the small end',
            step.aboveMm,
            `the face stands there; its radius is ${size(step.smallEndMm)}`,
          ),
          angle('Half taper', step.taperDeg, 'small end up: the relief it leaves'),
        ],
        lines: [
          `Moving the stone 1 mm along its axis changes the radius by ${sayFine(step.perMm, units)}: that is the feed for fitting, and makes good its wear.`,
          ...(step.job.deviationMm > NOTICED_MM
            ? [
                `One stone stands for ${step.job.arcs} arcs of the form: it leaves ${sayFine(step.job.deviationMm, units)}.`,
              ]
            : []),
          centre(step.job.centre, step.job.times),
          'The relief is all round, so grinding the face later moves the edge in.',
        ],
        caution: GRINDING,
      };
    case 'swing':
      return {
        ...nothing,
        title: `${step.job.times === 2 ? 'Both arcs' : 'The arc'} of radius ${size(step.job.radiusMm)}, ${step.job.kind}`,
        figures: [
          shown('Swing', gaugeLength(step.keptMm, units), 'centre kept'),
          shown('or', gaugeLength(step.freeMm, units), 'centre may move'),
        ],
        lines: [
          `Swung at the radius itself the tilt would leave ${sayFine(step.uncorrectedMm, units)}, because the face cuts the swung round in an ellipse. With the centre kept, ±${sayFine(step.remainingMm, units)} are left; with the tool set by its edge, ${sayFine(step.freeRemainingMm, units)}.`,
          centre(step.job.centre, step.job.times),
          `From ${formatAngle(step.job.fromDeg, 1)} to ${formatAngle(step.job.toDeg, 1)} of the depth direction. Set the radius by gauge blocks or feelers between the pivot and the wheel, and the tool by the same from a stop.`,
        ],
        caution: GRINDING,
      };
    case 'flank': {
      const { leanDeg, side } = step.flank;
      const onThem = side === 'both' ? 'on them' : 'on it';
      return {
        ...nothing,
        title: side === 'both' ? 'Both straight flanks' : `The straight flank on the ${side}`,
        figures: [angle('Sine plate', leanDeg, 'lean of the flank')],
        lines: [
          ...(side === 'both'
            ? ['Both from the same stack, the blank turned end for end, so that they come equal.']
            : []),
          step.needsTaper
            ? `The end clearance leaves only ${formatAngle(step.reliefDeg, 1)} ${onThem}: grind a taper of ${formatAngle(OWN_TAPER_DEG, 1)} away from the edge, from behind.`
            : `The end clearance leaves ${formatAngle(step.reliefDeg, 1)} ${onThem}.`,
        ],
        caution: GRINDING,
      };
    }
    case 'gash':
      return {
        ...nothing,
        title: `Gash ${step.teeth} teeth`,
        figures: [
          figure('Offset of the face', step.offsetMm, 'from the centre line'),
          figure('Gash', step.depthMm, `deep, ${formatAngle(step.angleDeg)} wide`),
        ],
        lines: [
          'Set the cutting edge of the saw or wheel to the centre line, then move it so far that the tooth leans forward.',
          `Index ${step.teeth} on the dividing head; all gashes at one setting. Lands of ${size(step.landMm)} are left.`,
        ],
        caution:
          'Small saws break: clamp the blank on a mandrel with nut and key, lock the head, eyes covered. Edges cut hands.',
      };
    case 'relief':
      return {
        ...nothing,
        title: 'Back relief, tooth by tooth',
        figures: [
          figure('Off centre', step.eccentricMm, 'blank on its eccentric, square ahead of the edge'),
          figure('Turned radius', step.turningRadiusMm, 'of the edge'),
        ],
        lines: [
          `It gives ${formatAngle(step.reliefDeg, 1)} at the edge and falls ${size(step.dropMm)} to the end of the land. See that the next edge is not touched.`,
        ],
      };
    case 'inspect':
      return {
        ...nothing,
        title: 'Compare before it is hard',
        lines: [
          `Against the drawn form at ${step.times} to 1. The line of the drawing hides ${sayFine(step.hiddenMm, units)}.`,
          'Correct now: after hardening only the face is touched.',
        ],
      };
    case 'harden':
      return {
        ...nothing,
        title: 'Harden',
        figures: [
          {
            label: 'Heat',
            figure: `${step.heatC[0]}–${step.heatC[1]}`,
            about: `${celsius(step.heatC[1])}: just past where a magnet lets go`,
          },
          { label: 'Soak', figure: `${step.soakMin[0]}–${step.soakMin[1]}`, about: 'minutes at heat' },
        ],
        lines: [
          `Anti-scale paste or soap; heat evenly in shade to cherry. Quench at once in ${step.quench === 'water' ? 'water or brine' : 'warm thin oil'} of ${step.quenchC[0]} to ${step.quenchC[1]} °C, straight down, then up and down until hand-warm.`,
          `It grows by ${(step.growth[0] * 100).toFixed(2)} to ${(step.growth[1] * 100).toFixed(2)} %: leave stock for honing. The steel's own data sheet comes first.`,
        ],
        caution:
          step.quench === 'water'
            ? 'Face shield, gloves, dry tongs. Stand back from steam and spatter; glass-hard steel can shatter. Hot steel looks cold. Do not work alone.'
            : 'Oil can flame: metal container with a lid at hand, half full at most, no water near it, extinguisher ready, fumes drawn off. Face shield, gloves. Do not work alone.',
      };
    case 'temper':
      return {
        ...nothing,
        title: 'Temper at once',
        figures: [
          { label: 'Oven', figure: `${step.temperC}`, about: `${celsius(step.temperC)}, one hour` },
          { label: 'Hardness', figure: `${Math.round(step.hrc)}`, about: 'HRC, give or take 1.5' },
        ],
        lines: [
          `Within the hour: glass-hard steel can crack by itself. By colour on bright steel: ${TEMPERING_WORDS[step.colour]}.`,
          'Schools: oven with a thermometer (default); torch from the shank, edge last; none for light finishing of brass, with edges that chip in steel.',
        ],
      };
    case 'test':
      return {
        ...nothing,
        title: 'File and scratch test',
        lines: [
          `On a hidden place: a file of ${step.leastHrc} HRC must skate. Type what each file did below.`,
        ],
      };
    case 'hone':
      return {
        ...nothing,
        title: 'Hone the face only',
        lines: [
          'Flat on a fine stone until the edge takes no light. Never touch the form. Measure it again.',
        ],
      };
    case 'centre':
      return {
        ...nothing,
        title: step.turned ? 'Set it on centre and square' : 'Set it on centre, try it on scrap',
        lines: step.turned
          ? [
              'Height on centre by a rule against the work; square by its lands. A third to a half of turning speed, slides locked, shortest overhang.',
            ]
          : [
              'Two spaces side by side in scrap, then measure the tooth between them at the pitch circle and correct the depth.',
              'Tighten, turn a full turn by hand, then cut.',
            ],
        caution: step.turned
          ? 'Form tools chatter and snatch: low speed, stop when it squeals.'
          : 'A fly cutter is one exposed tooth at speed: guard it, stand out of its plane. The machine’s manual and local rules come first.',
      };
  }
}
