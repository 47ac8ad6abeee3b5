import { readLength } from '@pike-stone/core';
import { Controller, get, useFieldArray, useFormContext } from 'react-hook-form';
import { View } from 'react-native';
import { useUnits } from '../../data/preferences';
import { Button, IconButton } from '../../kit/Button';
import { Choice, Tick } from '../../kit/Choice';
import { CloseIcon } from '../../kit/icons';
import { inBoth, unitOf } from '@pike-stone/words';
import { Picker } from '../../kit/Picker';
import { TextBox } from '../../kit/TextBox';
import { Words } from '../../kit/Words';
import { sheet } from '../../theme/sheet';
import { useColours } from '../../theme/theme';
import { SPACE } from '../../theme/type';
import type { FieldSpec, Raw } from './form-spec';

const FEW = 5;

/** The error sentence of a field, or undefined. */
function useFault(path: string): string | undefined {
  const { formState } = useFormContext<Raw>();
  const at = (place: string): string | undefined => {
    const message: unknown = get(formState.errors, place);
    return typeof message === 'string' ? message : undefined;
  };
  return at(`${path}.message`) ?? at(`${path}.root.message`);
}

/** One field of a form, by its kind. */
export function Field({ spec }: { spec: FieldSpec }) {
  const { control } = useFormContext<Raw>();
  if (spec.type === 'steps') return <Steps spec={spec} />;
  if (spec.type === 'range') return <RangeField path={spec.path} label={spec.label} />;
  if (spec.type === 'text' || spec.type === 'number' || spec.type === 'length' || spec.type === 'lengths')
    return <TextField spec={spec} />;
  return (
    <Controller
      control={control}
      name={spec.path}
      render={({ field }) => {
        if (spec.type === 'tick')
          return (
            <Tick
              label={spec.label}
              about={spec.about}
              value={Boolean(field.value)}
              onChange={field.onChange}
            />
          );
        return (
          <View style={styles.field}>
            {spec.long || spec.options.length > FEW ? (
              <Picker
                label={spec.label}
                options={spec.options}
                value={String(field.value)}
                onChange={field.onChange}
                about={spec.about}
              />
            ) : (
              <>
                <Words role="label">{spec.label}</Words>
                <Choice
                  says={spec.label}
                  options={spec.options}
                  value={String(field.value)}
                  onChange={field.onChange}
                  about={spec.about}
                />
              </>
            )}
          </View>
        );
      }}
    />
  );
}

function TextField({
  spec,
}: {
  spec: Extract<FieldSpec, { type: 'text' | 'number' | 'length' | 'lengths' }>;
}) {
  const { control } = useFormContext<Raw>();
  const fault = useFault(spec.path);
  const units = useUnits();
  const label =
    spec.type === 'length' || spec.type === 'lengths' ? `${spec.label} (${unitOf(units)})` : spec.label;
  const reading = (text: string): string | undefined => {
    const entry =
      spec.type === 'length' ? readLength(text, unitOf(units), spec.drill ? 'drill' : 'diameter') : null;
    return entry?.status === 'ok' && entry.readAs !== unitOf(units)
      ? inBoth(entry.valueMm)
      : spec.type === 'text'
        ? undefined
        : spec.about;
  };
  return (
    <Controller
      control={control}
      name={spec.path}
      render={({ field }) => (
        <TextBox
          label={label}
          value={String(field.value ?? '')}
          onChange={field.onChange}
          onBlur={field.onBlur}
          fault={fault}
          lines={spec.type === 'text' ? spec.lines : 1}
          figures={spec.type !== 'text'}
          reading={reading(String(field.value ?? ''))}
        />
      )}
    />
  );
}

function RangeField({ path, label }: { path: string; label: string }) {
  const { control } = useFormContext<Raw>();
  const faults = [useFault(`${path}.0`), useFault(`${path}.1`), useFault(path)];
  return (
    <View style={styles.field}>
      <Words role="label">{label}</Words>
      <View style={styles.row}>
        {(['0', '1'] as const).map((end, i) => (
          <Controller
            key={end}
            control={control}
            name={`${path}.${end}`}
            render={({ field }) => (
              <TextBox
                hideLabel
                label={`${label}, ${i === 0 ? 'low' : 'high'}`}
                value={String(field.value ?? '')}
                onChange={field.onChange}
                placeholder={i === 0 ? 'low' : 'high'}
                figures
                fault={faults[i]}
              />
            )}
          />
        ))}
      </View>
      {faults[2] && !faults[0] && !faults[1] && <Words role="fault">{faults[2]}</Words>}
    </View>
  );
}

/** A list of steps with the lever or belt of each. */
function Steps({ spec }: { spec: Extract<FieldSpec, { type: 'steps' }> }) {
  const { control } = useFormContext();
  const colours = useColours();
  const units = useUnits();
  const { fields, append, remove } = useFieldArray({ control, name: spec.path });
  const fault = useFault(spec.path);
  const unit = spec.lengthPer ? `${unitOf(units)} ${spec.valueLabel}` : spec.valueLabel;
  return (
    <View style={styles.field}>
      {spec.about && <Words role="note">{spec.about}</Words>}
      {fields.map((row, i) => (
        <StepRow
          key={row.id}
          spec={spec}
          index={i}
          unit={unit}
          onRemove={() => remove(i)}
          colour={colours.quiet}
        />
      ))}
      {fault && <Words role="fault">{fault}</Words>}
      <Button
        label={`Add a ${spec.label.toLowerCase()}`}
        onPress={() => append({ [spec.valueKey]: '', setting: '' })}
      />
    </View>
  );
}

function StepRow({
  spec,
  index,
  unit,
  onRemove,
  colour,
}: {
  spec: Extract<FieldSpec, { type: 'steps' }>;
  index: number;
  unit: string;
  onRemove: () => void;
  colour: string;
}) {
  const { control } = useFormContext<Raw>();
  const valuePath = `${spec.path}.${index}.${spec.valueKey}`;
  const settingPath = `${spec.path}.${index}.setting`;
  const [ofValue, ofRow] = [useFault(valuePath), useFault(`${spec.path}.${index}`)];
  const faults = { value: ofValue ?? ofRow, setting: useFault(settingPath) };
  return (
    <View style={styles.row}>
      <View style={styles.narrow}>
        <Controller
          control={control}
          name={valuePath}
          render={({ field }) => (
            <TextBox
              hideLabel
              label={`${spec.label} ${index + 1}, ${unit}`}
              placeholder={unit}
              value={String(field.value ?? '')}
              onChange={field.onChange}
              figures
              fault={faults.value}
            />
          )}
        />
      </View>
      <Controller
        control={control}
        name={settingPath}
        render={({ field }) => (
          <TextBox
            hideLabel
            label={`${spec.label} ${index + 1}, how it is set`}
            placeholder="belt, lever"
            value={String(field.value ?? '')}
            onChange={field.onChange}
            fault={faults.setting}
          />
        )}
      />
      <IconButton says={`Take ${spec.label.toLowerCase()} ${index + 1} out`} onPress={onRemove}>
        <CloseIcon color={colour} size={20} />
      </IconButton>
    </View>
  );
}

const styles = sheet({
  field: { gap: SPACE.close },
  row: { flexDirection: 'row', gap: SPACE.close, alignItems: 'flex-start' },
  narrow: { width: 112, flexDirection: 'row' },
});
