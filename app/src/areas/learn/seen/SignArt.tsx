import type { SignKey } from '@pike-stone/core/learn';
import Svg, { Path } from 'react-native-svg';
import { useColours } from '../../../theme/theme';
import { SIGN_DRAWINGS, type Stroke } from './sign-drawings';

const WIDTH: Readonly<Record<Stroke['as'], number>> = {
  thin: 1.4,
  medium: 2,
  thick: 3,
  filled: 1,
  danger: 3,
};

/** The pictogram of a sign; its words stand below it. */
export function SignArt({ sign, size = 56 }: { sign: SignKey; size?: number }) {
  const c = useColours();
  return (
    <Svg width={size} height={size} viewBox="0 0 64 64" aria-hidden>
      {SIGN_DRAWINGS[sign].map(({ d, as, colour }) => {
        const ink = colour ?? (as === 'danger' ? c.danger : as === 'thin' ? c.quiet : c.ink);
        return (
          <Path
            key={d}
            d={d}
            stroke={ink}
            strokeWidth={WIDTH[as]}
            strokeLinejoin="round"
            strokeLinecap="round"
            fill={as === 'filled' ? ink : 'none'}
          />
        );
      })}
    </Svg>
  );
}
