import type {
  acceptAngle,
  EndMillFinding,
  EndMillJob,
  EndMillPlan,
  HeightVerdict,
  MillWear,
} from '@pike-stone/core/wheel';
import type { Warning } from '../finding';
import { formatAngle, formatChip, formatLength, joined, type UnitSystem } from '../format';
import { listed } from '../list';

export const MILL_WEAR_WORDS: Readonly<Record<MillWear, { readonly name: string; readonly about: string }>> =
  {
    blunt: { name: 'Blunt', about: 'the edges reflect light' },
    'worn-land': { name: 'Worn land', about: 'a shiny strip behind the end edges' },
    chipped: { name: 'Chipped', about: 'a corner or an edge is out' },
    burnt: { name: 'Burnt', about: 'blue or black corners' },
  };

type Said = Pick<Warning, 'level' | 'text'>;

const size = (mm: number, units: UnitSystem): string => joined(formatLength(mm, units));
const deg = (value: number): string => formatAngle(value, 1);

/** A finding about a way of sharpening, with what mends it. */
export function sayEndMillFinding(finding: EndMillFinding, units: UnitSystem): Said {
  const mm = (value: number): string => size(value, units);
  const danger = (text: string): Said => ({ level: 'danger', text });
  const caution = (text: string): Said => ({ level: 'caution', text });
  switch (finding.code) {
    case 'over-speed':
      return danger(
        `${Math.round(finding.rpm)} rpm is too fast for this wheel: ${Math.floor(finding.mostRpm)} rpm at the most. It may burst. A worn wheel may not run faster either.`,
      );
    case 'no-rating':
      return danger('The wheel’s rating is not known. Look for m/s or rpm on its label before it runs.');
    case 'cut-off-disc':
      return danger(
        'A cutting disc is never loaded from the side, and passing along a tooth does so. Take a grinding wheel.',
      );
    case 'wheel-used-up':
      return danger(`The wheel is worn out: ${mm(finding.diameterMm)}, used up at ${mm(finding.leastMm)}.`);
    case 'wrong-abrasive':
      return danger(
        'This wheel is not for this cutter: aluminium oxide or cubic boron nitride for HSS, diamond for carbide.',
      );
    case 'poor-abrasive':
      return caution('This wheel will do, but a better suited one leaves a better edge.');
    case 'relief-impossible':
      return danger(
        `This wheel cannot grind it: on so small a round the heel stands proud and drags. From ${mm(finding.leastMm)} on it can, or with a narrower land or more relief.`,
      );
    case 'heel-rises':
      return caution(
        `The land rises again at its heel. A wheel of ${mm(finding.leastMm)} or a narrower land keeps it falling.`,
      );
    case 'second-too-small':
      return danger(
        `The second relief must fall away more than the first: more than ${deg(finding.leastDeg)}.`,
      );
    case 'too-many-teeth':
      return danger(
        `More flutes than fit: only ${mm(finding.reachMm)} of each edge can be ground before the wheel touches the next tooth, ${mm(finding.wantedMm)} is the least. Send it out, or take a thin wheel with a sharp corner.`,
      );
    case 'land-too-wide':
      return danger(`The land takes too much of a tooth: ${mm(finding.mostMm)} at the most.`);
    case 'index-off':
      return caution(
        `The plate does not divide: a tooth is up to ${deg(finding.worstDeg)} off and ends ${mm(finding.lowMm)} low. Bring each tooth to a finger instead.`,
      );
    case 'too-much-stock':
      return danger(
        `${mm(finding.stockMm)} would have to come off flutes of ${mm(finding.fluteMm)}: it is past saving at its end. Cut it off, or use it for side work.`,
      );
    case 'burnt':
      return caution(
        'Burnt steel is soft: grind past all of the colour. On HSS straw or blue may be skin only; a file that bites says that it is soft.',
      );
  }
}

/** A figure of the set-up, to be read from afar. */
export interface SetUpFigure {
  readonly label: string;
  readonly figure: string;
  readonly unit: string;
  readonly about: string;
}

/** What is set: the height of the grinder, the top of its wheel, the dish on the indicator. */
export function sayEndMillFigures(
  plan: EndMillPlan,
  job: EndMillJob,
  units: UnitSystem,
): readonly SetUpFigure[] {
  const raise = formatLength(plan.raiseMm, units);
  const top = formatLength(plan.topMm, units);
  const reads = formatLength(plan.dish.readingMm, units);
  return [
    {
      label: plan.way === 'raise' ? 'Raise the grinder' : 'Lower the grinder',
      ...raise,
      about: `its axle ${plan.way === 'raise' ? 'above' : 'below'} the tooth`,
    },
    { label: 'Top of the wheel', ...top, about: 'above the tooth, by height gauge' },
    { label: 'Dish', ...reads, about: `on the indicator over ${size(job.travelMm, units)}` },
  ];
}

/** A step of sharpening end teeth. */
export interface SaidEndStep {
  readonly key: string;
  readonly title: string;
  readonly do: string;
  readonly look: string;
  readonly caution: string | null;
  readonly figures: readonly SetUpFigure[];
}

/** Every step from covering the lathe to measuring the teeth. */
export function sayEndMillSteps(
  plan: EndMillPlan,
  job: EndMillJob,
  units: UnitSystem,
): readonly SaidEndStep[] {
  const mm = (value: number): string => size(value, units);
  const { cutter } = job;
  const [raise, top, reads] = sayEndMillFigures(plan, job, units) as [SetUpFigure, SetUpFigure, SetUpFigure];
  const teeth = Array.from({ length: cutter.teeth }, (_, i) => String(i + 1));
  const round = (count: number, of: number, infeedMm: number, kind: 'first' | 'second'): SaidEndStep => ({
    key: `${kind}-${count}`,
    title: kind === 'first' ? `Round ${count} of ${of}` : `Second relief, round ${count} of ${of}`,
    do: `One pass on each tooth at this setting: ${listed(teeth)}. Then the next infeed. Never finish one tooth alone.`,
    look: `Stop ${mm(plan.reachMm)} in from the corner, short of the next tooth. Same hand pressure each time.`,
    caution: count === 1 ? 'Face shield and mask; stand out of the plane of the wheel.' : null,
    figures: [
      { label: 'Infeed', ...formatLength(infeedMm, units), about: 'along the cutter' },
      { label: 'Index', figure: deg(plan.index.stepDeg), unit: '', about: `${cutter.teeth} teeth` },
    ],
  });
  const { rounds, secondRounds, second } = plan;
  const infeeds = Array.from({ length: rounds.rounds }, (_, i) =>
    i === rounds.rounds - 1 ? rounds.lastMm : job.infeedMm,
  );
  const step = (
    key: string,
    title: string,
    text: string,
    look: string,
    more: Partial<SaidEndStep> = {},
  ): SaidEndStep => ({ key, title, do: text, look, caution: null, figures: [], ...more });
  return [
    step(
      'cover',
      'Cover the lathe',
      'Cover slideways, chuck and screw with cloth or paper; a magnet and a vacuum by the wheel.',
      'Abrasive is lapping compound: nothing of the slides may be seen.',
      { caution: 'Power off, out of gear, chuck locked. Guard on the grinder; it is clamped by its collar.' },
    ),
    step(
      'hold',
      'Hold the cutter',
      `By its shank in the chuck, end towards the tailstock. One tooth level on ${job.side === 'operator' ? 'your side' : 'the far side'}, at centre height.`,
      'Indicator on the shank end: 0.01 mm at the most. The tooth level within 0.1 mm over its length.',
      { caution: 'Edges cut: a rag round the flutes.' },
    ),
    step(
      'dish',
      'Set the dish',
      `Swing the slide until the indicator reads ${reads.figure} ${reads.unit} over ${mm(job.travelMm)}: ${deg(job.wish.dishDeg)}.`,
      `The end edges then fall ${mm(plan.dish.depthMm)} towards the centre.`,
      { figures: [reads] },
    ),
    step(
      'height',
      'Set the height',
      `${raise.label} ${raise.figure} ${raise.unit}: the flank lies ${plan.way === 'raise' ? 'above' : 'below'} the edge here, on the side of the wheel’s centre.`,
      'Height gauge on the tooth, then on the top of the wheel. Measure the wheel after each dressing: the height goes with its radius.',
      { figures: [raise, top], caution: 'Set it with the wheel standing still.' },
    ),
    step(
      'index',
      'Index and square the teeth',
      job.holes === null
        ? `Tooth by tooth ${listed(plan.index.anglesDeg.map(deg))}: a square on a flat of the chuck, or bring each tooth to a finger. Unequal teeth: always by the finger.`
        : `Tooth by tooth ${listed(plan.index.anglesDeg.map(deg))} on the plate of ${job.holes} holes, always turned the same way.`,
      `Height gauge on both ends of the edge: level within 0.1 mm. Half a degree off ends ${joined(formatChip(Math.abs(plan.halfDegree.lowMm), units))} low, which is let pass.`,
      {
        figures: [
          { label: 'Index', figure: deg(plan.index.stepDeg), unit: '', about: `${cutter.teeth} teeth` },
        ],
      },
    ),
    step(
      'touch',
      'Touch off',
      'Felt pen on the end of each tooth. Run the wheel up standing aside, then bring it up until it just takes the ink off the highest tooth. Zero the dial.',
      'Ink gone in a line along the edge, nowhere else.',
      {
        caution:
          'A minute guarded, nobody in line. No gloves, no sleeves. Never load a thin disc from the side.',
      },
    ),
    ...infeeds.map((infeed, i) => round(i + 1, rounds.rounds, infeed, 'first')),
    step(
      'spark-out',
      'Spark out',
      `${job.sparkOut === 1 ? 'One round' : `${job.sparkOut} rounds`} more without infeed, all ${cutter.teeth} teeth.`,
      'Until hardly a spark comes.',
    ),
    ...(second && secondRounds
      ? [
          step(
            'second',
            'Second relief',
            `Set the grinder to ${mm(second.raiseMm)} ${plan.way === 'raise' ? 'above' : 'below'} the tooth, then infeed ${mm(second.deeperMm)} beyond the last setting in all.`,
            `A land of ${mm(job.wish.landMm)} stays behind each edge.`,
            { figures: [{ ...raise, ...formatLength(second.raiseMm, units) }] },
          ),
          ...Array.from({ length: secondRounds.rounds }, (_, i) =>
            round(
              i + 1,
              secondRounds.rounds,
              i === secondRounds.rounds - 1 ? secondRounds.lastMm : 3 * job.infeedMm,
              'second',
            ),
          ),
        ]
      : []),
    ...(cutter.centreCutting
      ? [
          step(
            'gash',
            'Clear the centre',
            'Gash the short teeth clear of the centre at 30 to 45°, with a thin grinding wheel or a sharp corner. The long tooth passes the centre by 0.1 to 0.3 mm.',
            'No pip left: if the centre is short or crossed, use the cutter for side work only.',
          ),
        ]
      : []),
    step(
      'clean',
      'Clean and oil',
      'Vacuum, wipe, lift the covers inwards, wipe again, oil the ways.',
      'Run a finger over the ways: no grit.',
    ),
  ];
}

/** Teeth that stand out, and what to do. */
export function sayHeights(
  verdict: HeightVerdict,
  units: UnitSystem,
): { readonly title: string; readonly text: string } {
  const mm = (value: number): string => joined(formatChip(value, units));
  const spread = `Spread ${mm(verdict.spreadMm)}, ${mm(verdict.limitMm)} allowed.`;
  if (verdict.ok) return { title: 'All teeth cut', text: spread };
  const touch = verdict.touch.map(({ tooth, downMm }) => `tooth ${tooth} by ${mm(downMm)}`);
  const alone =
    verdict.alone === null
      ? ''
      : ` Tooth ${verdict.alone} stands out by more than the feed of a tooth: it does the work of all.`;
  return {
    title:
      verdict.touch.length === 1
        ? `Touch tooth ${verdict.touch[0]!.tooth} again`
        : `Touch ${verdict.touch.length} teeth again`,
    text: `${spread} Bring down ${listed(touch)}, to tooth ${verdict.lowest}.${alone}`,
  };
}

/** What a measured relief means for the tooth. */
export function sayRelief(
  { lowDeg, highDeg, verdict }: ReturnType<typeof acceptAngle>,
  measuredDeg: number,
): string {
  const band = `${deg(lowDeg)} to ${deg(highDeg)} is right from edge to heel`;
  if (verdict === 'accept') return `Relief ${deg(measuredDeg)}: right; ${band}.`;
  if (verdict === 'uncertain')
    return `Relief ${deg(measuredDeg)}: too near the limit to tell with a protractor; ${band}.`;
  return measuredDeg < lowDeg
    ? `Relief ${deg(measuredDeg)}: too little, the land rubs in a plunge. Raise or lower the grinder further; ${band}.`
    : `Relief ${deg(measuredDeg)}: too much, the corner is weak; ${band}.`;
}

/** The other school, and why it is offered. */
export const END_MILL_SCHOOLS =
  'Two schools. Here: a small grinder in the tool post, covered well, because it is at hand and saves a cutter today. The other: never abrasive on a lathe; a proper fixture with air or finger indexing, or send it out.';
