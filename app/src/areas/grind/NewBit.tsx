import type { BitBody } from '@pike-stone/contract';
import { BIT_SHAPES, shapeFor } from '@pike-stone/core/grind';
import { operationName } from '@pike-stone/words';
import { SHAPE_WORDS } from '@pike-stone/words/grind';
import { Panel } from '../../kit/Panel';
import { Row } from '../../kit/Row';
import { useCut } from '../cut/useCut';
import { bitForCut } from './bit-for-cut';
import { freshBit } from './bit-model';
import { metalName } from './metal-name';
import { useOpenBit } from './use-bit';

/** From the cut that is set up, or from a shape: the bit is kept at once, and opened to be planned. */
export function NewBit({ onClose }: { onClose: () => void }) {
  const { cut } = useCut();
  const openBit = useOpenBit();
  const open = (body: BitBody) => {
    onClose();
    openBit(body);
  };
  const shape = cut ? shapeFor(cut.setup.operation) : null;
  return (
    <Panel title="Plan a bit" onClose={onClose}>
      {cut && shape && (
        <Row
          title={`For the cut that is set up: ${SHAPE_WORDS[shape].name.toLowerCase()}`}
          about={`${operationName(cut.setup.operation)}, ${metalName(cut.plan.metal.key)}`}
          onPress={() => {
            const body = bitForCut(cut.setup, cut.plan);
            if (body) open(body);
          }}
        />
      )}
      {BIT_SHAPES.map((one) => (
        <Row
          key={one}
          title={SHAPE_WORDS[one].name}
          about={SHAPE_WORDS[one].about}
          onPress={() => open(freshBit({ shape: one, name: `${SHAPE_WORDS[one].name} bit` }))}
        />
      ))}
    </Panel>
  );
}
