import type { Body, DrawerKind } from '@pike-stone/contract';
import type { ComponentType } from 'react';
import { MachineTools } from '../machine/MachineTools';
import { SupplyStock } from './stores/ItemStock';
import { ToolParts } from './ToolParts';

type Part<K extends DrawerKind> = ComponentType<{ readonly id: string; readonly body: Body<K> }>;

/** What stands above the form of a record: links to its pages, what is left of it. */
const PARTS: { readonly [K in DrawerKind]?: Part<K> } = {
  machines: MachineTools,
  tools: ToolParts,
  supplies: SupplyStock,
};

export const partOf = <K extends DrawerKind>(kind: K): Part<K> | undefined => PARTS[kind];
