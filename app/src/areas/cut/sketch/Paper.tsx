import type { CutPlan, CutSetup } from '@pike-stone/core';
import type { UnitSystem } from '@pike-stone/words';
import { useColours } from '../../../theme/theme';
import { TouchPaper } from '../../../kit/drawing/TouchPaper';
import type { DimensionKey } from './cut-mark';
import type { OperationSketch } from './drawing';

export interface CutSketchProps {
  readonly setup: CutSetup;
  readonly plan: CutPlan;
  readonly units: UnitSystem;
  readonly height: number;
  readonly onTouch: (key: DimensionKey) => void;
}

/** The sheet that the sketch of an operation is drawn on. */
export function Paper({
  setup,
  plan,
  units,
  height,
  onTouch,
  sketch,
}: CutSketchProps & { sketch: OperationSketch }) {
  const pen = useColours();
  return (
    <TouchPaper
      height={height}
      draw={(width) => sketch.draw({ setup, plan, units, width, height, pen })}
      onTouch={({ key }) => onTouch(key)}
    />
  );
}
