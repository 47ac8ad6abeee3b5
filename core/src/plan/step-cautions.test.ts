import { setup } from '../fixture';
import type { ChipCharacter } from '../material/material';
import { type CutSetup } from '../operation/registry';
import { stepCautions } from './step-cautions';

describe('the usual cautions of a step', () => {
  const keys = (more: Partial<CutSetup>, chip: ChipCharacter = 'short') => stepCautions(setup(more), chip);

  it('are those of the machine, with the one of the operation in front', () => {
    expect(keys({})).toEqual(['belts', 'chuck', 'eyes']);
    expect(keys({}, 'long')).toEqual(['ribbon', 'belts', 'chuck', 'eyes']);
    expect(keys({ operation: 'drill' }, 'long')).toEqual(['hold-work', 'belts', 'chuck', 'eyes']);
    expect(keys({ operation: 'mill-slot' }, 'long')).toEqual(['climb', 'belts', 'clamping', 'eyes']);
    expect(keys({ operation: 'part' }, 'stringy')[0]).not.toBe('ribbon');
    expect(keys({ operation: 'shape' }, 'long')).toEqual(['ram', 'stroke', 'chips']);
  });
});
