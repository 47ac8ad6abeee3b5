import type { UnitSystem } from '@pike-stone/words';
import { createContext, useContext } from 'react';

/** Units in which sizes are typed, and the sizes typed last. */
interface SizeTyping {
  readonly units: UnitSystem;
  /** Last sizes typed in each place, newest first, mm. */
  readonly recent: Readonly<Record<string, readonly number[]>>;
  remember(place: string, mm: number): void;
}

/** Provided once around the application; without it sizes are in mm and none is remembered. */
export const SizeTypingContext = createContext<SizeTyping>({
  units: 'mm',
  recent: {},
  remember: () => undefined,
});

export const useSizeTyping = (): SizeTyping => useContext(SizeTypingContext);
