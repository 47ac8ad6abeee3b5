import { BELT_LATHE, setup } from '@pike-stone/core/fixture';
import { cutPlan, DEFAULT_RULES } from '@pike-stone/core';
import { howSure } from '@pike-stone/core/forecast';
import { sayBestChange, saySureness } from './sureness';

const said = (uncertain: boolean) => {
  const input = setup({ machine: BELT_LATHE, stock: { ...setup().stock, uncertain } });
  return saySureness(howSure(input, cutPlan(input, DEFAULT_RULES)), input);
};

it('says how sure a start is, as a share and as speeds, with the largest doubt', () => {
  expect(said(false)).toEqual({
    figure: '±19\u00a0%',
    reason: '222 to 316\u00a0rpm: the chart is that wide',
  });
  expect(said(true).reason).toContain('the metal is a guess');
});

it('says what gains most, or that nothing does', () => {
  expect(sayBestChange({ change: 'fluid', times: 1.18 })).toEqual({
    figure: '+18\u00a0%',
    reason: 'oil by brush',
  });
  expect(sayBestChange(null).figure).toBe('nothing');
});
