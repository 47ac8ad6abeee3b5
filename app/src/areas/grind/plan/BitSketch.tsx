import { paintTree, type BitAngles } from '@pike-stone/core/grind';
import { useMemo, useState } from 'react';
import { View } from 'react-native';
import { useUnits } from '../../../data/preferences';
import { TouchPaper } from '../../../kit/drawing/TouchPaper';
import { useWidth } from '../../../kit/useWidth';
import { sheet } from '../../../theme/sheet';
import { useColours } from '../../../theme/theme';
import { frontOf } from '../bit-model';
import { SolidView } from '../solid/SolidView';
import type { Bit, GroundBit } from '../use-bit';
import { AnglePanel } from './AnglePanel';
import { paperHeight, solidRoom } from './bit-layout';
import type { BitMark } from './bit-marks';
import { drawBit } from './bit-views';
import { SizePanel } from './SizePanel';

const isAngle = (mark: BitMark, bit: Bit): mark is keyof BitAngles => mark in bit.body.angles;

/** The bit as a drawing that is its own form: three views with figures to touch, and the solid to turn. */
export function BitSketch({ bit, ground }: { bit: Bit; ground: GroundBit }) {
  const units = useUnits();
  const pen = useColours();
  const { width, onLayout } = useWidth();
  const [mark, setMark] = useState<BitMark | null>(null);
  const facets = ground.answer?.facets ?? null;
  const tree = useMemo(() => (facets ? paintTree(facets) : null), [facets]);
  const steps = bit.steps.map(({ key }) => key);
  const plan = frontOf(bit.plan);
  const height = width > 0 ? paperHeight(plan, width) : 320;
  const paper = { width, height, pen, units };
  const room = width > 0 ? solidRoom(plan, paper) : null;
  const close = () => setMark(null);
  return (
    <View onLayout={onLayout}>
      <TouchPaper
        height={height}
        draw={(across) => (across > 0 ? drawBit(plan, tree, steps, { ...paper, width: across }) : null)}
        onTouch={({ key }) => setMark(key)}
      />
      {facets && room && (
        <View style={[styles.solid, { left: room.left, top: room.top }]}>
          <SolidView
            facets={facets}
            steps={steps}
            hand={bit.plan.hand}
            width={room.width}
            height={room.height}
            says="The bit as a solid"
          />
        </View>
      )}
      {mark && isAngle(mark, bit) && <AnglePanel key={mark} angle={mark} bit={bit} onClose={close} />}
      {mark && !isAngle(mark, bit) && <SizePanel key={mark} mark={mark} bit={bit} onClose={close} />}
    </View>
  );
}

const styles = sheet({ solid: { position: 'absolute' } });
