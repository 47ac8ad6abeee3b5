import type { Corner, Profile } from '@pike-stone/core/form';
import { useState } from 'react';
import { View } from 'react-native';
import { sheet } from '../../../theme/sheet';
import { themed } from '../../../theme/theme';
import type { Placing } from './profile-path';

/** A corner is dragged by a square of this size, px. */
const SIZE = 40;
/** More corners than this are only typed. */
const MOST_CORNERS = 40;

interface Held {
  readonly corner: number;
  readonly pageX: number;
  readonly pageY: number;
  readonly dx: number;
  readonly dy: number;
}

/**
 * Corners of a drawn form as squares that can be dragged, to whole steps. For a finger or a mouse: the same corners are
 * typed in a panel by those who use neither.
 */
export function CornerHandles({
  corners,
  placed,
  stepMm,
  onMove,
}: {
  corners: Profile;
  placed: Placing;
  /** Corners are set down on multiples of this. */
  stepMm: number;
  onMove: (corners: Profile) => void;
}) {
  const styles = useStyles();
  const [held, setHeld] = useState<Held | null>(null);
  if (corners.length > MOST_CORNERS) return null;
  const snapped = (mm: number): number => Number((Math.round(mm / stepMm) * stepMm).toFixed(6));
  const release = () => {
    if (held && (held.dx !== 0 || held.dy !== 0))
      onMove(
        corners.map(([x, y, bulge], i): Corner =>
          i === held.corner
            ? [snapped(x + held.dx / placed.pxPerMm), snapped(y - held.dy / placed.pxPerMm), bulge]
            : [x, y, bulge],
        ),
      );
    setHeld(null);
  };
  return (
    <>
      {corners.map(([x, y], i) => {
        const [px, py] = placed.at([x, y]);
        const [dx, dy] = held?.corner === i ? [held.dx, held.dy] : [0, 0];
        return (
          <View
            key={i}
            aria-hidden
            testID={`corner-${i}`}
            style={[styles.handle, { left: px + dx - SIZE / 2, top: py + dy - SIZE / 2 }]}
            onStartShouldSetResponder={() => true}
            onResponderGrant={({ nativeEvent: { pageX, pageY } }) =>
              setHeld({ corner: i, pageX, pageY, dx: 0, dy: 0 })
            }
            onResponderMove={({ nativeEvent: { pageX, pageY } }) =>
              setHeld((now) => now && { ...now, dx: pageX - now.pageX, dy: pageY - now.pageY })
            }
            onResponderRelease={release}
            onResponderTerminate={() => setHeld(null)}
          >
            <View style={[styles.square, held?.corner === i && styles.held]} />
          </View>
        );
      })}
    </>
  );
}

const useStyles = themed((c) =>
  sheet({
    handle: {
      position: 'absolute',
      width: SIZE,
      height: SIZE,
      alignItems: 'center',
      justifyContent: 'center',
    },
    square: { width: 12, height: 12, borderWidth: 2, borderColor: c.accent, backgroundColor: c.sheet },
    held: { backgroundColor: c.accent },
  }),
);
