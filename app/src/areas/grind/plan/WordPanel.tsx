import type { ComponentType } from 'react';
import type { BitWord } from './BitSentence';
import { BlankPanel } from './BlankPanel';
import { MetalPanel } from './MetalPanel';
import { ShapePanel } from './ShapePanel';
import { UsePanel } from './UsePanel';
import { WheelPanel } from './WheelPanel';
import type { WordPanelProps } from './word-panel';

const PANELS: Readonly<Record<BitWord, ComponentType<WordPanelProps>>> = {
  shape: ShapePanel,
  metal: MetalPanel,
  blank: BlankPanel,
  wheel: WheelPanel,
  use: UsePanel,
};

/** The panel of a word of the sentence. */
export function WordPanel({ word, ...props }: WordPanelProps & { readonly word: BitWord }) {
  const Panel = PANELS[word];
  return <Panel {...props} />;
}
