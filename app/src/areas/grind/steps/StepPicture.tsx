import {
  dot,
  paintTree,
  plus,
  times,
  type BitPlan,
  type Facet,
  type GrindStep,
  type RestSetting,
  type Vector,
} from '@pike-stone/core/grind';
import { useMemo } from 'react';
import { View } from 'react-native';
import Svg, { Circle, G, Line, Path } from 'react-native-svg';
import { sheet } from '../../../theme/sheet';
import { useColours } from '../../../theme/theme';
import { onPaper, type Placing } from '../solid/project';
import { SolidArt } from '../solid/SolidArt';
import { SolidView } from '../solid/SolidView';
import { FromAbove } from './FromAbove';
import { PenMark } from './PenMark';
import { alongAxle } from './stance';
import { useWidth } from '../../../kit/useWidth';

interface StepPictureProps {
  readonly step: GrindStep;
  readonly plan: BitPlan;
  readonly facets: readonly Facet[];
  readonly steps: readonly string[];
  readonly height: number;
  readonly says: string;
}

/**
 * The step from where the user stands: along the axle, and from above in the corner. The bit itself,
 * to be turned, where it is not held on the rest.
 */
export function StepPicture({ step, plan, facets, steps, height, says }: StepPictureProps) {
  const { width, onLayout } = useWidth();
  const setting = settingOf(step);
  const size = { width, height };
  return (
    <View
      style={[styles.box, { height }]}
      {...(setting && { role: 'img', 'aria-label': says })}
      onLayout={onLayout}
    >
      {width > 0
        && (setting ? (
          <Held setting={setting} step={step} plan={plan} facets={facets} steps={steps} {...size} />
        ) : (
          <SolidView facets={facets} steps={steps} hand={plan.hand} says={says} {...size} />
        ))}
    </View>
  );
}

/** How a step is held; a swung one in the middle of its way. */
function settingOf({ setting, swing }: GrindStep): RestSetting | null {
  if (setting) return setting;
  if (!swing) return null;
  return { turnDeg: (swing.fromDeg + swing.toDeg) / 2, tiltDeg: swing.tiltDeg, rollDeg: 0 };
}

/** Middle of the face that a step leaves, weighted by its corners. */
function middleOf(facets: readonly Facet[]): Vector {
  const corners = facets.flatMap((facet) => facet.corners);
  if (corners.length === 0) return [0, 0, 0];
  return times(
    corners.reduce((sum, one) => plus(sum, one)),
    1 / corners.length,
  );
}

/** Gap between rest and wheel as it is drawn, mm. */
const REST_GAP_MM = 2.5;
const REST_MM = 34;
const REST_THICK_MM = 2.2;

function Held({
  setting,
  step,
  plan,
  facets,
  steps,
  width,
  height,
}: Omit<StepPictureProps, 'says'> & { setting: RestSetting; width: number }) {
  const c = useColours();
  const tree = useMemo(() => paintTree(facets), [facets]);
  const own = facets.filter(({ by, normal }) => by === step.key && normal[0] < 0.999);
  const middle = middleOf(own);
  const normal = step.normal ?? own[0]?.normal ?? ([1, 0, 0] as const);
  const scale = height / 44;
  const eye = alongAxle(setting);
  const at: Placing = { eye, scale, x: 0, y: 0 };
  const [mx, my] = onPaper(at, middle);
  const side: Placing = { ...at, x: width * 0.32 - mx, y: height * 0.5 - my };
  const [px, py] = onPaper(side, middle);
  const radius = (plan.wheel.diameterMm / 2) * scale;
  const [nx, ny] = [dot(eye.right, normal), -dot(eye.up, normal)];
  const long = Math.hypot(nx, ny) || 1;
  const wheel = { x: px + (nx / long) * radius, y: py + (ny / long) * radius };
  return (
    <Svg width={width} height={height}>
      <Circle cx={wheel.x} cy={wheel.y} r={radius} fill={c.ground} stroke={c.ink} strokeWidth={1.6} />
      <RunsDown wheel={wheel} radius={radius} from={[px, py]} colour={c.quiet} />
      <SolidArt tree={tree} steps={steps} placing={side} />
      <PenMark face={own} placing={side} />
      <Rest facets={facets} placing={side} setting={setting} contact={[px, py]} />
      <FromAbove setting={setting} step={step} facets={facets} steps={steps} tree={tree} width={width} />
    </Svg>
  );
}

/** The rest under the bit, leaning as it is set, and the level it leans from. */
function Rest({
  facets,
  placing,
  setting,
  contact,
}: {
  facets: readonly Facet[];
  placing: Placing;
  setting: RestSetting;
  contact: readonly [number, number];
}) {
  const c = useColours();
  const { scale } = placing;
  const tilt = (setting.tiltDeg * Math.PI) / 180;
  // Along the rest to the operator, and out of it, on the paper.
  const [ax, ay] = [Math.cos(tilt), Math.sin(tilt)];
  const [ox, oy] = [Math.sin(tilt), -Math.cos(tilt)];
  const points = facets.flatMap(({ corners }) => corners.map((corner) => onPaper(placing, corner)));
  const low = Math.min(...points.map(([x, y]) => x * ox + y * oy));
  const along = contact[0] * ax + contact[1] * ay + REST_GAP_MM * scale;
  const at = (a: number, o: number): string =>
    `${(a * ax + o * ox).toFixed(1)} ${(a * ay + o * oy).toFixed(1)}`;
  const [from, to, thick] = [along, along + REST_MM * scale, REST_THICK_MM * scale];
  const endX = to * ax + (low - thick) * ox;
  const endY = to * ay + (low - thick) * oy;
  return (
    <G>
      <Path
        d={`M${at(from, low)}L${at(to, low)}L${at(to, low - thick)}L${at(from, low - thick)}Z`}
        fill={c.sheet}
        stroke={c.ink}
        strokeWidth={1.4}
      />
      {Math.abs(setting.tiltDeg) >= 0.5 && (
        <Line
          x1={endX - 70}
          y1={endY - ay * (70 / (ax || 1))}
          x2={endX + 6}
          y2={endY - ay * (70 / (ax || 1))}
          stroke={c.accent}
          strokeWidth={1.2}
          strokeDasharray="5 4"
        />
      )}
    </G>
  );
}

/** An arrow along the front of the wheel: it runs down. */
function RunsDown({
  wheel,
  radius,
  from,
  colour,
}: {
  wheel: { x: number; y: number };
  radius: number;
  from: readonly [number, number];
  colour: string;
}) {
  const start = Math.atan2(from[1] - wheel.y, from[0] - wheel.x);
  const r = radius - 16;
  const at = (angle: number) => [wheel.x + r * Math.cos(angle), wheel.y + r * Math.sin(angle)] as const;
  const [x1, y1] = at(start - 46 / r);
  const [x2, y2] = at(start + 30 / r);
  return (
    <G>
      <Path
        d={`M${x1} ${y1}A${r} ${r} 0 0 1 ${x2} ${y2}M${x2} ${y2}l-9 -7M${x2} ${y2}l1 -11`}
        stroke={colour}
        strokeWidth={1.3}
        fill="none"
      />
    </G>
  );
}

const styles = sheet({ box: { overflow: 'hidden' } });
