import type { ToolBody } from '@pike-stone/contract';
import { formatAngle } from '@pike-stone/words';
import { useRouter } from 'expo-router';
import { useRecords } from '../../data/records';
import { Row } from '../../kit/Row';
import { Sheet } from '../../kit/Screen';
import { ToolStock } from './stores/ItemStock';

interface ToolPartsProps {
  readonly id: string;
  readonly body: ToolBody;
}

/** What stands above the form of a tool: its angles when it was ground by hand, and what is left of it. */
export function ToolParts(props: ToolPartsProps) {
  return (
    <>
      <GroundByHand {...props} />
      <EndTeeth {...props} />
      <ToolStock {...props} />
    </>
  );
}

/** An end mill is sharpened again at its end. */
function EndTeeth({ id, body }: ToolPartsProps) {
  const router = useRouter();
  if (body.kind !== 'end-mill') return null;
  return (
    <Sheet>
      <Row
        title="Sharpen the end teeth"
        about="set-up, rounds, heights of the teeth, cost"
        onPress={() => router.push(`/grind/sharpen/${id}`)}
      />
    </Sheet>
  );
}

function GroundByHand({ id, body }: ToolPartsProps) {
  const router = useRouter();
  const { records: bits } = useRecords('bits');
  const { records: grinds } = useRecords('grinds');
  const ground = 'ground' in body ? body.ground : undefined;
  if (!ground) return null;
  const bit = bits.find((one) => one.body.toolId === id);
  const times = grinds.filter(
    ({ archived, body: { bitId, finishedAt } }) => !archived && bitId === bit?.id && finishedAt !== null,
  ).length;
  const deg = (value: number) => formatAngle(value, 1);
  return (
    <Sheet>
      <Row
        title={`Ground by hand: side rake ${deg(ground.sideRakeDeg)}, back rake ${deg(ground.backRakeDeg)}`}
        about={`side clearance ${deg(ground.sideClearanceDeg)}, front ${deg(ground.frontClearanceDeg)}; its rake in a cut follows from these${times > 0 ? `; at the grinder ${times === 1 ? 'once' : `${times} times`}` : ''}`}
        onPress={bit && (() => router.push(`/grind/${bit.id}`))}
      />
    </Sheet>
  );
}
