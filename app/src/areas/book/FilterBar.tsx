import type { BookFilter } from '@pike-stone/contract/book';
import { useRouter } from 'expo-router';
import { useState } from 'react';
import { View } from 'react-native';
import { Button } from '../../kit/Button';
import { Panel } from '../../kit/Panel';
import { Picker } from '../../kit/Picker';
import { TextBox } from '../../kit/TextBox';
import { sheet } from '../../theme/sheet';
import { SPACE } from '../../theme/type';
import { FILTERS, FILTER_WORDS, sayFilter, useFilterOptions, type FilterKey } from './filter';

const ANY = { value: '', label: 'Any' };
const LISTS = FILTERS.filter(
  (key): key is Exclude<FilterKey, 'from' | 'to'> => key !== 'from' && key !== 'to',
);
const DAY = /^\d{4}-\d{2}-\d{2}$/;

/** What the cuts are filtered by, each to be taken away by a touch, and the panel where more is chosen. */
export function FilterBar({ filter, children }: { filter: BookFilter; children?: React.ReactNode }) {
  const router = useRouter();
  const options = useFilterOptions();
  const [isOpen, setOpen] = useState(false);
  const set = (key: FilterKey, value: string) =>
    router.setParams({ [key]: value === '' ? undefined : value });
  return (
    <View style={styles.bar}>
      <Button label="Filter" onPress={() => setOpen(true)} />
      {FILTERS.map((key) => {
        const value = filter[key];
        if (value === undefined) return null;
        const said = sayFilter(key, value, options);
        return (
          <Button
            key={key}
            label={`${said} ✕`}
            says={`Take away the filter ${FILTER_WORDS[key]}: ${said}`}
            onPress={() => set(key, '')}
          />
        );
      })}
      {children}
      {isOpen && <FilterPanel filter={filter} onSet={set} onClose={() => setOpen(false)} />}
    </View>
  );
}

function FilterPanel({
  filter,
  onSet,
  onClose,
}: {
  filter: BookFilter;
  onSet: (key: FilterKey, value: string) => void;
  onClose: () => void;
}) {
  const options = useFilterOptions();
  return (
    <Panel
      title="Filter the cuts"
      onClose={onClose}
      footer={<Button kind="main" label="Show them" onPress={onClose} style={styles.fill} />}
    >
      <View style={styles.body}>
        {LISTS.map((key) => (
          <Picker
            key={key}
            label={FILTER_WORDS[key]}
            options={[ANY, ...options[key]]}
            value={filter[key] ?? ''}
            onChange={(value) => onSet(key, value)}
          />
        ))}
        <View style={styles.row}>
          {(['from', 'to'] as const).map((key) => (
            <Day
              key={key}
              label={FILTER_WORDS[key]}
              value={filter[key] ?? ''}
              onSet={(day) => onSet(key, day)}
            />
          ))}
        </View>
      </View>
    </Panel>
  );
}

/** Whether a text is a day, or nothing. */
const isDay = (text: string): boolean => text === '' || (DAY.test(text) && !Number.isNaN(Date.parse(text)));

/** A day as it is written in tables: 2026-11-30. What is none is said, and nothing is filtered by it. */
function Day({ label, value, onSet }: { label: string; value: string; onSet: (day: string) => void }) {
  const [text, setText] = useState(value);
  return (
    <TextBox
      label={`${label} (year-month-day)`}
      figures
      value={text}
      onChange={(next) => {
        setText(next);
        if (isDay(next)) onSet(next);
      }}
      placeholder="2026-11-30"
      fault={isDay(text) || text.length < 10 ? undefined : 'Write it like 2026-11-30.'}
    />
  );
}

const styles = sheet({
  bar: { flexDirection: 'row', flexWrap: 'wrap', gap: SPACE.close, paddingHorizontal: SPACE.edge },
  body: { paddingHorizontal: SPACE.edge, paddingBottom: SPACE.edge, gap: SPACE.near },
  row: { flexDirection: 'row', gap: SPACE.close },
  fill: { flex: 1 },
});
