import { useRef } from 'react';
import { enter, takeBack, type Happening } from '../../../data/stock-levels';
import { DOUBLE_PRESS_MS } from '../../../kit/useBusy';
import { useUndo } from '../../../kit/Undo';

/**
 * Writes a happening at once and offers to take it back. The same button pressed again meanwhile, or as a
 * double press, is the same happening; another one beside it is its own.
 */
export function useHappen() {
  const say = useUndo((state) => state.say);
  const underWay = useRef(new Set<string>());
  return async (happening: Happening, sentence: string, andUndo?: () => void): Promise<void> => {
    if (underWay.current.has(sentence)) return;
    underWay.current.add(sentence);
    const rest = new Promise((go) => setTimeout(go, DOUBLE_PRESS_MS));
    const result = await enter(happening);
    void rest.then(() => underWay.current.delete(sentence));
    if (result.sent === 'unkept') return say(result.refusal.message);
    say(sentence, () => {
      void takeBack(happening);
      andUndo?.();
    });
  };
}
