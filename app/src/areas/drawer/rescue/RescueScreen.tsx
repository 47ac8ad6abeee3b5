import { formatMoney } from '@pike-stone/words/choosing';
import { bathSteps, mildWays, sayBath, sayWorth, WELDED_CAUSES } from '@pike-stone/words/rescue';
import { useRouter } from 'expo-router';
import { useState } from 'react';
import { View } from 'react-native';
import { useUnits } from '../../../data/preferences';
import { usePrices } from '../../../data/prices';
import { useRecords } from '../../../data/records';
import { backOr } from '../../../kit/back';
import { Button } from '../../../kit/Button';
import { Caution } from '../../../kit/Caution';
import { Picker } from '../../../kit/Picker';
import { Screen, Sheet } from '../../../kit/Screen';
import { TextBox } from '../../../kit/TextBox';
import { Words } from '../../../kit/Words';
import { sheet } from '../../../theme/sheet';
import { SPACE } from '../../../theme/type';
import { useHappen } from '../stores/use-happen';
import { BathSteps } from './BathSteps';
import { bathOf, readRescue, savingOf, useRescue, type RescueKey } from './rescue-typed';

/** An edge with metal welded on: whether it is worth saving, the mild ways first, then the bath in steps. */
export function RescueScreen() {
  const router = useRouter();
  const units = useUnits();
  const happen = useHappen();
  const typed = useRescue();
  const prices = usePrices('turning-tool');
  const { records } = useRecords('supplies');
  const boxes = records.flatMap(({ id, archived, body }) =>
    !archived && body.kind === 'insert-box' ? [{ id, ...body }] : [],
  );
  const box = boxes.find(({ id }) => id === typed.boxId) ?? boxes[0];
  const valuePerEdge = (box?.price ?? prices.insertCost) / (box?.edgesEach ?? prices.edges);
  const rescued = (how: string) => {
    const { value: edges } = readRescue(typed, 'edges');
    if (!box || !edges) return;
    void happen(
      { of: 'supplies', itemId: box.id, act: 'rescued', edges, note: how },
      `${edges} edges are back in ${box.name}.`,
    );
  };
  const { film, lump } = mildWays(units);
  return (
    <Screen
      title="Metal welded on an edge"
      about="Aluminium on carbide: whether it is worth saving, and how."
      onBack={() => backOr(router, '/drawer?kind=supplies')}
      side={
        <Sheet>
          <View style={styles.group}>
            <Words role="heading">So that it does not come back</Words>
            {WELDED_CAUSES.map((text) => (
              <Words key={text}>{text}</Words>
            ))}
            <Button label="Which tool instead?" onPress={() => router.push('/cut/choose')} />
          </View>
        </Sheet>
      }
    >
      <Sheet>
        <View style={styles.group}>
          <Words role="big" testID="worth">
            {sayWorth(savingOf(typed, valuePerEdge, prices.ratePerMin))}
          </Words>
          <Words>
            {`An edge is worth about ${formatMoney(valuePerEdge)}. Under about five ordinary edges, turn the insert.`}
          </Words>
          <View style={styles.row}>
            <RescueFigure of="edges" label="Edges" />
            <RescueFigure of="minutes" label="Minutes beside it" />
            <RescueFigure of="chemicals" label="Chemicals cost" />
          </View>
          {box && (
            <Picker
              label="They come back to"
              options={boxes.map(({ id, name }) => ({ value: id, label: name }))}
              value={box.id}
              onChange={(boxId) => typed.set({ boxId })}
            />
          )}
        </View>
      </Sheet>
      <Sheet>
        <View style={styles.group}>
          <Words role="heading">1 Only a film: run it in steel</Words>
          <Words>{film}</Words>
          <Button
            label="It came clean in steel"
            disabled={!box}
            onPress={() => rescued('cleaned in steel')}
          />
        </View>
      </Sheet>
      <Sheet>
        <View style={styles.group}>
          <Words role="heading">2 A lump: lift it off</Words>
          <Words>{lump}</Words>
        </View>
      </Sheet>
      <CausticBath onDone={() => rescued('caustic bath; for steel roughing where the polish is gone')} />
    </Screen>
  );
}

/** One figure of the rescue, typed. */
function RescueFigure({ of, label }: { of: RescueKey; label: string }) {
  const typed = useRescue();
  return (
    <TextBox
      label={label}
      figures
      value={typed[of]}
      onChange={(text) => typed.set({ [of]: text })}
      fault={readRescue(typed, of).fault}
    />
  );
}

/** The last way: what it takes, its danger, and the steps one at a time. */
function CausticBath({ onDone }: { onDone: () => void }) {
  const typed = useRescue();
  const [isOpen, setOpen] = useState(false);
  const bath = bathOf(typed);
  return (
    <Sheet>
      <View style={styles.group}>
        <Words role="heading">3 The caustic bath</Words>
        <RescueFigure of="aluminiumG" label="Aluminium on the edges, g" />
        {bath && <Words testID="bath">{sayBath(bath)}</Words>}
      </View>
      <Caution level="danger">
        Lye burns skin and eyes, and the bath gives off hydrogen. Only with goggles, gloves and open air; if
        in doubt, turn the insert.
      </Caution>
      <View style={styles.group}>
        <Button label="Step by step" disabled={!bath} onPress={() => setOpen(true)} />
      </View>
      {isOpen && bath && (
        <BathSteps
          steps={bathSteps(bath)}
          onDone={() => {
            setOpen(false);
            onDone();
          }}
          onClose={() => setOpen(false)}
        />
      )}
    </Sheet>
  );
}

const styles = sheet({
  group: { padding: SPACE.edge, gap: SPACE.close },
  row: { flexDirection: 'row', gap: SPACE.close, flexWrap: 'wrap' },
});
