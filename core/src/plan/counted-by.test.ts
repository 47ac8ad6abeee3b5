import { feedPer, speedUnit } from './counted-by';

describe('how speed and feed are counted', () => {
  it('by the turn, on a shaper by the stroke', () => {
    expect([speedUnit({ operation: 'turn' }), feedPer({ operation: 'turn' })]).toEqual(['rpm', 'rev']);
    expect([speedUnit({ operation: 'drill' }), feedPer({ operation: 'drill' })]).toEqual(['rpm', 'rev']);
    expect([speedUnit({ operation: 'shape' }), feedPer({ operation: 'shape' })]).toEqual([
      'strokes/min',
      'stroke',
    ]);
  });
});
