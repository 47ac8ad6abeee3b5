import { paintTree, type Facet } from '@pike-stone/core/grind';
import { useMemo, useState } from 'react';
import { View } from 'react-native';
import Svg from 'react-native-svg';
import { SolidArt } from './SolidArt';
import { eyeAt, type Placing } from './project';
import { sheet } from '../../../theme/sheet';

/** Degrees that a solid turns for each px of a finger's way. */
const TURN_A_PX = 0.6;
const TURN_A_KEY = 10;
const MOST_HEIGHT = 88;

/** Where a bit is looked at from at first: its nose, its edge side and its top. */
const firstLook = (hand: 'right' | 'left') => ({ azimuthDeg: hand === 'right' ? 52 : -52, heightDeg: 34 });

interface SolidViewProps {
  readonly facets: readonly Facet[];
  readonly steps: readonly string[];
  readonly hand: 'right' | 'left';
  readonly width: number;
  readonly height: number;
  readonly says: string;
  /** Where it is looked at from at first; left out: as a bit is. */
  readonly look?: { readonly azimuthDeg: number; readonly heightDeg: number };
}

/** Middle of a solid's extent, and the radius of the ball about it. */
function ball(facets: readonly Facet[]) {
  const corners = facets.flatMap((facet) => facet.corners);
  const range = (axis: 0 | 1 | 2) => {
    const values = corners.map((corner) => corner[axis]);
    return [Math.min(...values), Math.max(...values)] as const;
  };
  const [x, y, z] = [range(0), range(1), range(2)];
  return {
    middle: [(x[0] + x[1]) / 2, (y[0] + y[1]) / 2, (z[0] + z[1]) / 2] as const,
    radius: Math.hypot(x[1] - x[0], y[1] - y[0], z[1] - z[0]) / 2,
  };
}

/** A solid that is turned by a finger, or by the arrow keys. */
export function SolidView({ facets, steps, hand, width, height, says, look: from }: SolidViewProps) {
  const [look, setLook] = useState(() => from ?? firstLook(hand));
  const [held, setHeld] = useState<{ x: number; y: number } | null>(null);
  const tree = useMemo(() => paintTree(facets), [facets]);
  const { middle, radius } = useMemo(() => ball(facets), [facets]);
  const turn = (across: number, up: number) =>
    setLook(({ azimuthDeg, heightDeg }) => ({
      azimuthDeg: azimuthDeg - across,
      heightDeg: Math.max(-MOST_HEIGHT, Math.min(MOST_HEIGHT, heightDeg + up)),
    }));
  const eye = useMemo(() => eyeAt(look.azimuthDeg, look.heightDeg), [look]);
  const scale = (Math.min(width, height) / (2 * radius)) * 1.02;
  const placing: Placing = useMemo(() => {
    const along = (axis: typeof eye.right) => axis[0] * middle[0] + axis[1] * middle[1] + axis[2] * middle[2];
    return { eye, scale, x: width / 2 - along(eye.right) * scale, y: height / 2 + along(eye.up) * scale };
  }, [eye, scale, middle, width, height]);
  const keys: Readonly<Record<string, readonly [number, number]>> = {
    ArrowLeft: [-TURN_A_KEY, 0],
    ArrowRight: [TURN_A_KEY, 0],
    ArrowUp: [0, TURN_A_KEY],
    ArrowDown: [0, -TURN_A_KEY],
  };
  return (
    <View
      role="img"
      aria-label={`${says}. Turn it with a finger or the arrow keys`}
      style={[styles.box, { width, height }]}
      testID="solid"
      {...{
        tabIndex: 0,
        onKeyDown: (event: { key: string; preventDefault(): void }) => {
          const by = keys[event.key];
          if (!by) return;
          event.preventDefault();
          turn(...by);
        },
      }}
      onPointerDown={({ nativeEvent: { clientX, clientY } }) => setHeld({ x: clientX, y: clientY })}
      onPointerMove={({ nativeEvent: { clientX, clientY } }) => {
        if (!held) return;
        turn((clientX - held.x) * TURN_A_PX, (clientY - held.y) * TURN_A_PX);
        setHeld({ x: clientX, y: clientY });
      }}
      onPointerUp={() => setHeld(null)}
      onPointerLeave={() => setHeld(null)}
    >
      <Svg width={width} height={height}>
        <SolidArt tree={tree} steps={steps} placing={placing} />
      </Svg>
    </View>
  );
}

const styles = sheet({
  // The page does not scroll while a finger turns the solid.
  box: { cursor: 'grab', touchAction: 'none', userSelect: 'none' } as object,
});
