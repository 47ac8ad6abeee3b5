import { OutOfRange } from '@pike-stone/core';
import { causticBath, rescueSaving, type Bath } from '@pike-stone/core/identify';
import { formatMoney } from '@pike-stone/words/choosing';
import { significant } from '@pike-stone/words';
import { bathSteps, WELDED_CAUSES } from '@pike-stone/words/rescue';
import { useRouter } from 'expo-router';
import { useState } from 'react';
import { StyleSheet, View } from 'react-native';
import { create } from 'zustand';
import { persist } from 'zustand/middleware';
import { useRecords } from '../../../data/records';
import { useRules } from '../../../data/rules';
import { backOr } from '../../../kit/back';
import { Button } from '../../../kit/Button';
import { Caution } from '../../../kit/Caution';
import { Picker } from '../../../kit/Picker';
import { Screen, Sheet } from '../../../kit/Screen';
import { TextBox } from '../../../kit/TextBox';
import { Words } from '../../../kit/Words';
import { SPACE } from '../../../theme/type';
import { pricesOf } from '../../choose/weigh-job';
import { useHappen } from '../stores/StockPart';
import { BathSteps } from './BathSteps';

interface RescueState {
  readonly edges: string;
  readonly aluminiumG: string;
  readonly minutes: string;
  readonly chemicals: string;
  readonly boxId: string;
  set(change: Partial<Omit<RescueState, 'set'>>): void;
}

/** What is typed of a rescue; it survives a reload. */
const useRescue = create<RescueState>()(
  persist(
    (set) => ({
      edges: '4',
      aluminiumG: '0.5',
      minutes: '20',
      chemicals: '1',
      boxId: '',
      set: (change) => set(change),
    }),
    { name: 'pike-rescue' },
  ),
);

const EXCESS = 2.5;
const STRENGTH_G_PER_L = 100;
const ROOM_C = 20;
const AIR_KPA = 101.325;

const read = (text: string): number | null => {
  const value = Number(text.trim().replace(',', '.'));
  return text.trim() !== '' && value >= 0 && value <= 1e4 ? value : null;
};

/** The bath for so much aluminium; null when it cannot be reckoned. */
function bathFor(aluminiumG: number | null): Bath | null {
  if (aluminiumG === null) return null;
  try {
    return causticBath({
      aluminiumG,
      excess: EXCESS,
      strengthGPerL: STRENGTH_G_PER_L,
      temperatureC: ROOM_C,
      pressureKPa: AIR_KPA,
    });
  } catch (error) {
    if (error instanceof OutOfRange) return null;
    throw error;
  }
}

const PLAIN = 'A number from 0.';

/** An edge with metal welded on: whether it is worth saving, the mild ways first, then the bath in steps. */
export function RescueScreen() {
  const router = useRouter();
  const happen = useHappen();
  const { rules } = useRules();
  const { records } = useRecords('supplies');
  const state = useRescue();
  const [inBath, setInBath] = useState(false);
  const boxes = records.filter((one) => !one.archived && one.body.kind === 'insert-box');
  const box = boxes.find((one) => one.id === state.boxId) ?? boxes[0];
  const prices = pricesOf('turning-tool', rules);
  const each = box?.body.kind === 'insert-box' ? box.body.edgesEach : prices.edges;
  const valuePerEdge = (box?.body.price ?? prices.insertCost) / each;
  const edges = read(state.edges);
  const minutes = read(state.minutes);
  const chemicals = read(state.chemicals);
  const bath = bathFor(read(state.aluminiumG));
  const saving =
    edges === null || minutes === null || chemicals === null
      ? null
      : rescueSaving({
          edges,
          valuePerEdge,
          minutesAttended: minutes,
          ratePerMin: prices.ratePerMin,
          chemicalCost: chemicals,
        });
  const rescued = (how: string) => {
    if (!box || edges === null || edges === 0) return;
    void happen(
      { of: 'supplies', itemId: box.id, act: 'rescued', edges: Math.round(edges), note: how },
      `${Math.round(edges)} edges are back in ${box.body.name}.`,
    );
  };
  const box1 = (key: 'edges' | 'aluminiumG' | 'minutes' | 'chemicals', label: string) => (
    <TextBox
      label={label}
      figures
      value={state[key]}
      onChange={(text) => state.set({ [key]: text })}
      fault={read(state[key]) === null ? PLAIN : undefined}
    />
  );
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
            {saving === null
              ? 'Is it worth it?'
              : saving > 0
                ? `Worth it by the bath: it saves about ${formatMoney(saving)}`
                : `Not worth a bath: it would cost ${formatMoney(-saving)} more than it saves`}
          </Words>
          <Words>
            {`An edge is worth about ${formatMoney(valuePerEdge)}. Under about five ordinary edges, turn the insert.`}
          </Words>
          <View style={styles.row}>
            {box1('edges', 'Edges')}
            {box1('minutes', 'Minutes beside it')}
            {box1('chemicals', 'Chemicals cost')}
          </View>
          {boxes.length > 0 && box && (
            <Picker
              label="They come back to"
              options={boxes.map((one) => ({ value: one.id, label: one.body.name }))}
              value={box.id}
              onChange={(boxId) => state.set({ boxId })}
            />
          )}
        </View>
      </Sheet>
      <Sheet>
        <View style={styles.group}>
          <Words role="heading">1 Only a film: run it in steel</Words>
          <Words>
            At its normal speed, 0.2 mm deep, half a minute: the aluminium leaves with the chip. Look with a
            glass. Never with an edge that has a chip or a crack.
          </Words>
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
          <Words>With a brass or wooden scraper, the spindle stopped. Never a chisel.</Words>
        </View>
      </Sheet>
      <Sheet>
        <View style={styles.group}>
          <Words role="heading">3 The caustic bath</Words>
          {box1('aluminiumG', 'Aluminium on the edges, g')}
          {bath ? (
            <Words testID="bath">
              {`${significant(bath.doseG, 2)} g of sodium hydroxide in ${significant(bath.litresToMake, 2)} l of cold water gives off ${significant(bath.hydrogenL, 2)} l of hydrogen: ${significant(bath.airM3, 2)} m³ of air at least.`}
            </Words>
          ) : (
            <Words role="fault">How much aluminium it is, above 0 g.</Words>
          )}
        </View>
        <Caution level="danger">
          Lye burns skin and eyes, and the bath gives off hydrogen. Only with goggles, gloves and open air; if
          in doubt, turn the insert.
        </Caution>
        <View style={styles.group}>
          <Button label="Step by step" disabled={!bath} onPress={() => setInBath(true)} />
        </View>
      </Sheet>
      {inBath && bath && (
        <BathSteps
          steps={bathSteps(
            `${significant(bath.doseG, 2)} g`,
            `${significant(bath.litresToMake, 2)} l`,
            `${significant(bath.airM3, 2)} m³`,
          )}
          onDone={() => {
            setInBath(false);
            rescued('caustic bath; for steel roughing where the polish is gone');
          }}
          onClose={() => setInBath(false)}
        />
      )}
    </Screen>
  );
}

const styles = StyleSheet.create({
  group: { padding: SPACE.edge, gap: SPACE.close },
  row: { flexDirection: 'row', gap: SPACE.close, flexWrap: 'wrap' },
});
