import { enter, takeBack, type Happening } from '../../../data/stock-levels';
import { useUndo } from '../../../kit/Undo';

/** Writes a happening at once and offers to take it back. */
export function useHappen() {
  const say = useUndo((state) => state.say);
  return async (happening: Happening, sentence: string, andUndo?: () => void): Promise<void> => {
    await enter(happening);
    say(sentence, () => {
      void takeBack(happening);
      andUndo?.();
    });
  };
}
