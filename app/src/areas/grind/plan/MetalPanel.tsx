import type { BitBody } from '@pike-stone/contract';
import { MATERIALS } from '@pike-stone/core';
import { generalIsPoor } from '@pike-stone/core/grind';
import { View } from 'react-native';
import { Choice } from '../../../kit/Choice';
import { Panel } from '../../../kit/Panel';
import { Row } from '../../../kit/Row';
import { Words } from '../../../kit/Words';
import { sheet } from '../../../theme/sheet';
import { SPACE } from '../../../theme/type';
import { begunAnew } from '../bit-model';
import type { WordPanelProps } from './word-panel';

const SCHOOLS = [
  { value: 'general', label: 'One general shape' },
  { value: 'per-metal', label: 'Angles for the metal' },
] as const;
const SCHOOL_ABOUT = {
  general:
    'Usual here: few bits to keep, the movements become habit, and a regrind only shortens the bit. For leaded brass, copper and plastics it is a poor choice.',
  'per-metal': 'Better for one metal in quantity, and for soft, stringy or hard metals; more bits to keep.',
} as const;

/** Metal that a bit is ground for, and the school that its angles follow. */
export function MetalPanel({ bit, onClose }: WordPanelProps) {
  const { body, change } = bit;
  const set = (part: Partial<BitBody>) => change(begunAnew(body, part), 'Angles begin anew.');
  return (
    <Panel title="Metal and angles" onClose={onClose}>
      <View style={styles.pad}>
        <Choice
          says="Angles"
          value={body.school}
          onChange={(school) => set({ school })}
          options={SCHOOLS}
          about={SCHOOL_ABOUT[body.school]}
        />
        {body.school === 'general' && generalIsPoor(body.metalKey) && (
          <Words role="strong">The general bit is a poor choice for this metal.</Words>
        )}
      </View>
      <Row title="Any metal" chosen={body.metalKey === null} onPress={() => set({ metalKey: null })} />
      {MATERIALS.map(({ key, name, examples }) => (
        <Row
          key={key}
          title={name}
          about={examples}
          chosen={body.metalKey === key}
          onPress={() => {
            set({ metalKey: key });
            onClose();
          }}
        />
      ))}
    </Panel>
  );
}

const styles = sheet({ pad: { paddingHorizontal: SPACE.edge, paddingBottom: SPACE.near, gap: SPACE.near } });
