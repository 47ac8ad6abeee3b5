import type { CutChoice } from '@pike-stone/contract';
import type { MisfitField } from '@pike-stone/core';
import { sayMisfit } from '@pike-stone/words/misfit';
import { ScrollView, View } from 'react-native';
import { useUnits } from '../../data/preferences';
import { Button } from '../../kit/Button';
import { Caution } from '../../kit/Caution';
import { sheet } from '../../theme/sheet';
import { themed } from '../../theme/theme';
import { SPACE } from '../../theme/type';
import { Sentence, type Chooser } from './Sentence';
import type { DimensionKey } from './sketch/cut-mark';
import type { RefusedCut } from './useCut';

interface Remedy {
  readonly label: string;
  readonly does: { readonly edit: Exclude<DimensionKey, 'feed'> } | { readonly choose: Chooser };
  /** Clears what was typed, where the plan has a start of its own. */
  readonly reset?: Partial<CutChoice>;
}

/** What can be changed about each refusal, at the field it belongs to. */
const REMEDIES: Readonly<Record<MisfitField, readonly Remedy[]>> = {
  operation: [{ label: 'Another operation', does: { choose: 'operation' } }],
  workDiameterMm: [
    { label: 'Another size', does: { edit: 'diameter' } },
    { label: 'Another tool', does: { choose: 'tool' } },
    { label: 'Other stock', does: { choose: 'stock' } },
  ],
  depthMm: [{ label: 'Another depth', does: { edit: 'depth' }, reset: { depthMm: null } }],
  widthMm: [{ label: 'Another width', does: { edit: 'width' }, reset: { widthMm: null } }],
  pitchMm: [{ label: 'Another pitch', does: { edit: 'pitch' }, reset: { pitchMm: null } }],
};

export interface RefusedBenchProps {
  readonly cut: RefusedCut;
  readonly onChoose: (what: Chooser) => void;
  readonly onEdit: (key: Exclude<DimensionKey, 'feed'>) => void;
}

/** The page of a cut that cannot be: why, and what to change. Nothing that was typed is lost. */
export function RefusedBench({ cut, onChoose, onEdit }: RefusedBenchProps) {
  const styles = useStyles();
  const units = useUnits();
  return (
    <ScrollView style={styles.page}>
      <Sentence cut={cut} onChoose={onChoose} />
      {cut.misfits.map((misfit) => (
        <View key={misfit.code} style={styles.sheet} role="alert">
          <Caution level="danger">{sayMisfit(misfit, cut.setup, units)}</Caution>
          <View style={styles.remedies}>
            {REMEDIES[misfit.field].map(({ label, does }) => (
              <Button
                key={label}
                kind="main"
                label={label}
                onPress={() => ('edit' in does ? onEdit(does.edit) : onChoose(does.choose))}
              />
            ))}
            {REMEDIES[misfit.field].map(
              ({ reset }) =>
                reset && <Button key="start" label="Take our start" onPress={() => cut.change(reset)} />,
            )}
          </View>
        </View>
      ))}
    </ScrollView>
  );
}

const useStyles = themed((c) =>
  sheet({
    page: { flex: 1, backgroundColor: c.ground },
    sheet: { backgroundColor: c.sheet, borderTopWidth: 1, borderBottomWidth: 1, borderColor: c.line },
    remedies: {
      flexDirection: 'row',
      flexWrap: 'wrap',
      gap: SPACE.close,
      paddingHorizontal: SPACE.edge,
      paddingBottom: SPACE.edge,
    },
  }),
);
