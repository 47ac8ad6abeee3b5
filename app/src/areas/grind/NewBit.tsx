import type { BitBody } from '@pike-stone/contract';
import { BIT_SHAPES, shapeFor } from '@pike-stone/core/grind';
import { operationName } from '@pike-stone/words';
import { SHAPE_WORDS } from '@pike-stone/words/grind';
import { useRouter } from 'expo-router';
import { newId, save } from '../../data/records';
import { Panel } from '../../kit/Panel';
import { Row } from '../../kit/Row';
import { useCut } from '../cut/useCut';
import { bitForCut } from './bit-for-cut';
import { freshBit } from './bit-model';
import { metalName } from './metal-name';

/** From the cut that is set up, or from a shape: the bit is kept at once, and opened to be planned. */
export function NewBit({ onClose }: { onClose: () => void }) {
  const router = useRouter();
  const { cut } = useCut();
  const open = (body: BitBody) => {
    const id = newId();
    void save('bits', id, 0, body);
    onClose();
    router.push(`/grind/${id}`);
  };
  const shape = cut ? shapeFor(cut.setup.operation) : null;
  return (
    <Panel title="Plan a bit" onClose={onClose}>
      {cut && shape && (
        <Row
          title={`For the cut that is set up: ${SHAPE_WORDS[shape].name.toLowerCase()}`}
          about={`${operationName(cut.setup.operation)}, ${metalName(cut.plan.metal.key)}`}
          onPress={() => {
            const name = `${SHAPE_WORDS[shape].name} bit for ${cut.setup.stock.name}`.slice(0, 60);
            const body = bitForCut(cut, name);
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
