import { BANK_CARD_MM, boundsOf, MAGNIFICATIONS, type Profile } from '@pike-stone/core/form';
import { sayBankCard } from '@pike-stone/words/form';
import { useState } from 'react';
import { View } from 'react-native';
import Svg, { Line, Path } from 'react-native-svg';
import { draftsNamed } from '../../../data/drafts';
import { useUnits } from '../../../data/preferences';
import { Button } from '../../../kit/Button';
import { Choice } from '../../../kit/Choice';
import { SCREEN_PX_PER_MM } from '../../../kit/drawing/screen-scale';
import { Sheet } from '../../../kit/Screen';
import { Words } from '../../../kit/Words';
import { useWidth } from '../../../kit/useWidth';
import { sheet } from '../../../theme/sheet';
import { useColours } from '../../../theme/theme';
import { SPACE } from '../../../theme/type';
import { lengthText } from '../../figures/read-figure';
import { useFigures } from '../../figures/useFigures';
import { placing, profilePath } from '../sketch/profile-path';

/** Pixels of a millimetre on this screen, once it was measured; it stays on this device. */
const useScreen = draftsNamed<number>('pike-screen');

const COARSE = 1.02;
const FINE = 1.002;
const MARGIN = 16;
const MOST_HEIGHT = 420;

/** The form on the screen at a true magnification, after a known object was held to a bar. */
export function ScreenOverlay({ profile }: { profile: Profile }) {
  const pen = useColours();
  const units = useUnits();
  const { width, onLayout } = useWidth();
  const pxPerMm = useScreen((state) => state.drafts.px) ?? SCREEN_PX_PER_MM;
  const isSet = useScreen((state) => state.drafts.px) !== undefined;
  const [times, setTimes] = useState('10');
  const figures = useFigures(
    [
      {
        key: 'known',
        label: 'Width of a known object',
        kind: 'size',
        low: 10,
        high: 300,
        start: lengthText(BANK_CARD_MM.width, units),
        about: sayBankCard(units),
      },
    ],
    { keptAs: 'screen', atOnce: true },
  );
  const known = figures.peek('known')?.[0] ?? BANK_CARD_MM.width;
  const change = (factor: number) => useScreen.getState().keep('px', pxPerMm * factor);
  const { left, right, low, high } = boundsOf(profile);
  const scale = pxPerMm * Number(times);
  const tall = (high - low) * scale + 2 * MARGIN;
  const height = Math.min(MOST_HEIGHT, Math.max(120, tall));
  const placed = placing(scale, [(left + right) / 2, low], [width / 2, height - MARGIN]);
  const bar = known * pxPerMm;
  return (
    <Sheet>
      <View style={styles.box} testID="overlay">
        <Words role="heading">On this screen</Words>
        <Choice
          says="Magnification on the screen"
          value={times}
          onChange={setTimes}
          options={MAGNIFICATIONS.map((value) => ({ value: String(value), label: `${value} : 1` }))}
        />
        <View
          role="img"
          aria-label={`The form ${times} times its size`}
          onLayout={onLayout}
          style={{ minHeight: height, overflow: 'hidden' }}
        >
          {width > 0 && (
            <Svg width={width} height={height}>
              <Path d={profilePath(profile, placed)} fill="none" stroke={pen.ink} strokeWidth={1.5} />
            </Svg>
          )}
        </View>
        <Words role="note">
          {isSet
            ? 'The screen was measured. Hold the part to the glass, or a photo of it beside it.'
            : 'Not measured yet: hold a known object to the bar and make it as wide.'}
        </Words>
        {figures.boxes}
        <View style={{ minHeight: 26, overflow: 'hidden' }}>
          <Svg width={bar + 4} height={26}>
            <Line x1={1} x2={bar + 1} y1={13} y2={13} stroke={pen.accent} strokeWidth={2} />
            <Line x1={1} x2={1} y1={2} y2={24} stroke={pen.accent} strokeWidth={2} />
            <Line x1={bar + 1} x2={bar + 1} y1={2} y2={24} stroke={pen.accent} strokeWidth={2} />
          </Svg>
        </View>
        <View style={styles.buttons}>
          <Button label="Narrower" onPress={() => change(1 / COARSE)} />
          <Button label="a little" says="A little narrower" onPress={() => change(1 / FINE)} />
          <Button label="a little" says="A little wider" onPress={() => change(FINE)} />
          <Button label="Wider" onPress={() => change(COARSE)} />
        </View>
      </View>
    </Sheet>
  );
}

const styles = sheet({
  box: { padding: SPACE.edge, gap: SPACE.near },
  buttons: { flexDirection: 'row', flexWrap: 'wrap', gap: SPACE.close },
});
