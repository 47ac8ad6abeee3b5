import { toolMaterial, type ToolMaterialKey } from '@pike-stone/core';
import type { GroundMaterial } from '@pike-stone/core/wheel';

const STEELS: Readonly<Partial<Record<ToolMaterialKey, GroundMaterial>>> = {
  'carbon-steel': 'carbon-steel',
  hss: 'hss',
  'hss-co': 'hss',
};

/** What a tool's edge is, as its wheel is chosen for: what is harder than steel is ground as carbide. */
export const groundMaterial = (key: ToolMaterialKey): GroundMaterial => STEELS[key] ?? 'carbide';

export const edgeName = (key: ToolMaterialKey): string => toolMaterial(key).name;
