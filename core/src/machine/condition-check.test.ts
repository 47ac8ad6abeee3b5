import { conditionCheck, type ConditionFindings } from './condition-check';

describe('the condition of a machine', () => {
  const sound: ConditionFindings = { spindlePlayMm: 0.01, gibSlackMm: 0.02, backlashMm: 0.1, belt: 'grips' };

  it('the worst of play and slack counts, and stands first', () => {
    expect(conditionCheck(sound).condition).toBe('rigid');
    expect(conditionCheck({ ...sound, gibSlackMm: 0.05 })).toMatchObject({
      condition: 'ordinary',
      reasons: [{ finding: 'gibSlackMm' }, {}, {}, {}],
    });
    expect(conditionCheck({ ...sound, gibSlackMm: 0.05, spindlePlayMm: 0.06 })).toMatchObject({
      condition: 'tired',
      reasons: [
        { finding: 'spindlePlayMm', condition: 'tired' },
        { finding: 'gibSlackMm', condition: 'ordinary' },
        {},
        {},
      ],
    });
  });

  it('backlash and a slipping belt never make it tired', () => {
    expect(conditionCheck({ ...sound, backlashMm: 2 }).condition).toBe('ordinary');
    expect(conditionCheck({ ...sound, belt: 'slips-early' }).condition).toBe('ordinary');
  });

  it.each([
    [{ spindlePlayMm: -0.01 }, 'spindle play'],
    [{ gibSlackMm: 9 }, 'gib slack'],
    [{ backlashMm: NaN }, 'backlash'],
  ])('refuses %p', (odd, sentence) => {
    expect(() => conditionCheck({ ...sound, ...odd })).toThrow(sentence);
  });

  it.each([
    [{ spindlePlayMm: 0.01 }, 'rigid'],
    [{ spindlePlayMm: 0.011 }, 'ordinary'],
    [{ spindlePlayMm: 0.03 }, 'ordinary'],
    [{ spindlePlayMm: 0.031 }, 'tired'],
    [{ gibSlackMm: 0.06 }, 'ordinary'],
    [{ backlashMm: 0.15 }, 'rigid'],
    [{ backlashMm: 0.16 }, 'ordinary'],
  ] as const)('%p alone makes it %s', (finding, condition) => {
    expect(conditionCheck({ ...sound, ...finding }).condition).toBe(condition);
  });

  it('every finding says what it alone would make of the machine', () => {
    expect(conditionCheck(sound).reasons.map((reason) => reason.condition)).toEqual(Array(4).fill('rigid'));
  });
});
