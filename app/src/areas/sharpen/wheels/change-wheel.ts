import type { SupplyOf, WheelEntryBody } from '@pike-stone/contract';
import { newId, putBack, save } from '../../../data/records';
import { useUndo } from '../../../kit/Undo';
import type { ShownWheel } from './use-wheels';

/** An entry of the dress book as a page knows it: which wheel and when are added. */
type Written<E> = E extends WheelEntryBody ? Omit<E, 'wheelId' | 'at'> : never;

/** Changes a wheel, or writes in its dress book; either can be undone. */
export function useWheelChange({ record }: ShownWheel) {
  const say = useUndo((state) => state.say);
  const change = (more: Partial<SupplyOf<'wheel'>>): void => {
    void save('supplies', record.id, record.version, { ...record.body, ...more });
    say('Wheel changed.', () => void putBack('supplies', record));
  };
  const write = (entry: Written<WheelEntryBody>, said: string): void => {
    const id = newId();
    const body = { ...entry, wheelId: record.id, at: new Date().toISOString() } as WheelEntryBody;
    void save('wheel-book', id, 0, body);
    const worn = entry.diameterMm !== record.body.diameterMm;
    if (worn)
      void save('supplies', record.id, record.version, { ...record.body, diameterMm: entry.diameterMm });
    say(said, () => {
      void save('wheel-book', id, 1, body, true);
      if (worn) void putBack('supplies', record);
    });
  };
  return { change, write };
}
