import type { Material } from '../material/material';
import type { ChipKind } from './choice-inputs';

/** What a metal is like, as far as it decides between HSS and carbide. */
export interface MetalCharacter {
  readonly hardnessHb: number;
  readonly chip: ChipKind;
  readonly gummy: boolean;
  readonly abrasive: boolean;
  readonly hotAlloy: boolean;
}

/** Plastics have no Brinell hardness: softer than any metal of the library. */
const PLASTIC_HB = 20;
/** Hard grains in the metal itself grind an edge away. */
const ABRASIVE: readonly string[] = ['aluminium-cast-silicon'];
const STRINGY: readonly Material['chipCharacter'][] = ['tough', 'gummy', 'stringy', 'serrated'];
const SHORT: readonly Material['chipCharacter'][] = ['short', 'powder'];

/**
 * Hardness, chip and temper of a metal, from the middle of its row in the library.
 *
 * Soft metals that weld to an edge are gummy: aluminium and copper. Stainless steel and
 * titanium stay strong when hot. The sand of a cast skin is abrasive, and so is the
 * silicon of cast aluminium.
 *
 * @param onSkin  the first pass goes through the skin
 */
export function metalCharacter(metal: Material, onSkin: boolean): MetalCharacter {
  const [low, high] = metal.hardnessHb ?? [PLASTIC_HB, PLASTIC_HB];
  const { chipCharacter, iso513 } = metal;
  const isStringy = STRINGY.includes(chipCharacter) || (chipCharacter === 'long' && iso513 === 'N');
  return {
    hardnessHb: (low + high) / 2,
    chip: SHORT.includes(chipCharacter) ? 'short' : isStringy ? 'stringy' : 'medium',
    gummy: metal.weldsToAluminiumCoating || (chipCharacter === 'gummy' && iso513 === 'N'),
    abrasive: ABRASIVE.includes(metal.key) || (onSkin && iso513 === 'K'),
    hotAlloy: iso513 === 'M' || iso513 === 'S',
  };
}
