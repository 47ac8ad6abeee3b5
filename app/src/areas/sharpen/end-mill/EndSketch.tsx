import { useUnits } from '../../../data/preferences';
import { TouchPaper } from '../../../kit/drawing/TouchPaper';
import { useColours } from '../../../theme/theme';
import type { EndMillPlan } from '@pike-stone/core/wheel';
import { drawEnd, type EndMark } from './draw-end';
import type { MillWord } from './EndMillSentence';
import type { EndMill } from './use-end-mill';

const HEIGHT = 262;
const OPENS: Readonly<Record<EndMark, MillWord>> = {
  diameter: 'cutter',
  index: 'hold',
  relief: 'relief',
  land: 'relief',
  second: 'relief',
};

/** The end of the cutter and one of its teeth from the side, to scale, with the wheel. */
export function EndSketch({
  mill,
  plan,
  onTouch,
}: {
  mill: EndMill;
  plan: EndMillPlan;
  onTouch: (word: MillWord) => void;
}) {
  const units = useUnits();
  const pen = useColours();
  return (
    <TouchPaper<EndMark>
      height={HEIGHT}
      onTouch={({ key }) => onTouch(OPENS[key])}
      draw={(width) => drawEnd(mill.job, plan, { pen, units, width, height: HEIGHT })}
    />
  );
}
