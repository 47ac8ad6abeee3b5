import { sayBlank, SHAPE_WORDS } from '@pike-stone/words/grind';
import type { UnitSystem } from '@pike-stone/words';
import type { BitBody } from '@pike-stone/contract';
import { isInsert } from '@pike-stone/core';
import { useRouter } from 'expo-router';
import { useState } from 'react';
import { useUnits } from '../../data/preferences';
import { useRecords, type Shown } from '../../data/records';
import { Button } from '../../kit/Button';
import { Empty, Loading } from '../../kit/Empty';
import { Row } from '../../kit/Row';
import { Screen, Sheet } from '../../kit/Screen';
import { Words } from '../../kit/Words';
import { sheet } from '../../theme/sheet';
import { SPACE } from '../../theme/type';
import { KeepSharp } from '../sharpen/KeepSharp';
import { leftOf } from './left-of';
import { planOf } from './bit-model';
import { SmallBit } from './SmallBit';
import { grindStepKeys } from './step-keys';
import { metalName } from './metal-name';
import { NewBit } from './NewBit';

/** Whether a bit can be drawn: one that was planned with angles no bit has cannot. */
const canBe = (body: BitBody): boolean => grindStepKeys(planOf(body)).length > 0;

function aboutBit(body: BitBody, units: UnitSystem): string {
  const { shape, hand, metalKey, blank, state } = body;
  return [
    `${SHAPE_WORDS[shape].name}, ${hand} hand`,
    sayBlank(blank, units),
    ...(metalKey === null ? [] : [`for ${metalName(metalKey)}`]),
    ...(state === 'planned' ? [] : [`${leftOf(body)} regrinds left`]),
  ].join(', ');
}

/** Bits to grind, bits in hand, and what is dull. */
export function GrindScreen() {
  const router = useRouter();
  const { records, loading, error } = useRecords('bits');
  const [adding, setAdding] = useState(false);
  const bits = records.filter(({ archived }) => !archived);
  const { records: tools, loading: toolsLoading } = useRecords('tools');
  const dullTools = tools.filter(({ archived, body }) => !archived && body.dull);
  /** A bit whose tool was said to be dull at the machine is dull too. */
  const stateOf = ({ state, toolId }: BitBody): BitBody['state'] =>
    state === 'ground' && dullTools.some(({ id }) => id === toolId) ? 'dull' : state;
  const of = (state: BitBody['state']) => bits.filter(({ body }) => stateOf(body) === state);
  const own = new Set(bits.map(({ body }) => body.toolId));
  const open = (id: string) => router.push(`/grind/${id}`);
  return (
    <Screen
      title="Grind"
      about="From the cut it must make to the last touch of the stone"
      side={<Bits title="In hand" bits={of('ground')} onOpen={open} />}
      footer={<Button kind="main" label="Plan a bit" onPress={() => setAdding(true)} style={styles.grow} />}
    >
      <KeepSharp />
      {loading || toolsLoading || (error && records.length === 0) ? (
        <Loading error={error} />
      ) : bits.length === 0 ? (
        <Empty title="No bits yet">
          Plan one from the cut that is set up, or from a shape: it is drawn, cut as a solid and ground step
          by step.
        </Empty>
      ) : (
        <>
          <Bits title="To grind" bits={of('planned')} onOpen={open} />
          <Bits title="Dull, or ground wrong" bits={of('dull')} onOpen={open} />
          <DullTools tools={dullTools.filter(({ id }) => !own.has(id))} />
        </>
      )}
      {adding && <NewBit onClose={() => setAdding(false)} />}
    </Screen>
  );
}

function Bits({
  title,
  bits,
  onOpen,
}: {
  title: string;
  bits: readonly Shown<'bits'>[];
  onOpen: (id: string) => void;
}) {
  const units = useUnits();
  if (bits.length === 0) return null;
  const sorted = [...bits].sort((a, b) => a.body.name.localeCompare(b.body.name, 'en', { numeric: true }));
  return (
    <>
      <Words role="heading" style={styles.heading}>
        {title}
      </Words>
      <Sheet>
        {sorted.map(({ id, body, waiting }) => (
          <Row
            key={id}
            title={body.name}
            about={aboutBit(body, units)}
            waiting={waiting}
            aside={canBe(body) && <SmallBit plan={planOf(body)} view="plan" />}
            onPress={() => onOpen(id)}
          />
        ))}
      </Sheet>
    </>
  );
}

/** Tools of the drawer that are ground by hand and dull. */
const BY_HAND = ['turning-tool', 'boring-bar', 'parting-blade', 'threading-tool', 'form-tool', 'fly-cutter'];

function DullTools({ tools }: { tools: readonly Shown<'tools'>[] }) {
  const router = useRouter();
  const dull = tools.filter(({ body }) => BY_HAND.includes(body.kind) && !isInsert(body.material));
  if (dull.length === 0) return null;
  return (
    <>
      <Words role="heading" style={styles.heading}>
        Dull in the drawer
      </Words>
      <Sheet>
        {dull.map(({ id, body }) => (
          <Row
            key={id}
            title={body.name}
            about={body.note}
            onPress={() => router.push(`/drawer/tools/${id}`)}
          />
        ))}
      </Sheet>
    </>
  );
}

const styles = sheet({ grow: { flex: 1 }, heading: { paddingHorizontal: SPACE.edge } });
