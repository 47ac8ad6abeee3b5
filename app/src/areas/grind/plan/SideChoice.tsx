import { Choice } from '../../../kit/Choice';

/** Outside or in a bore. */
export function SideChoice({
  value,
  onChange,
}: {
  value: 'outside' | 'bore';
  onChange: (side: 'outside' | 'bore') => void;
}) {
  return (
    <Choice
      says="Where it cuts"
      value={value}
      onChange={onChange}
      options={[
        { value: 'outside', label: 'Outside' },
        { value: 'bore', label: 'In a bore' },
      ]}
    />
  );
}
