import {
  coarseLength,
  formatChip,
  formatEdgeRadius,
  formatFactor,
  formatFeedPerTurn,
  formatFeedRate,
  formatForce,
  formatForcePerWidth,
  formatLength,
  formatRa,
  formatSeconds,
  formatSpindleSpeed,
  formatSurfaceSpeed,
  joined,
} from './format';

describe('figures as a machinist would round them', () => {
  it.each([
    [65.44, '65.4'],
    [873.2, '873'],
    [999.6, '1000'],
    [1484, '1480'],
    [42, '42'],
  ])('%d rpm is %s', (rpm, figure) => expect(formatSpindleSpeed(rpm)).toEqual({ figure, unit: 'rpm' }));

  it('says lengths in both systems', () => {
    expect(joined(formatLength(15.875, 'mm'))).toBe('15.88\u00a0mm');
    expect(joined(formatLength(15.875, 'inch'))).toBe('0.625\u00a0in');
    expect(formatLength(32, 'mm').figure).toBe('32');
  });

  it('says roughness in both systems, with the letter that the shipped fonts hold', () => {
    expect(formatRa(1.58, 'mm')).toBe('1.6\u00a0\u03bcm');
    expect(formatRa(1.6, 'inch')).toBe('63\u00a0\u03bcin');
  });

  it('says a chip, the radius of an edge and the force on it in both systems', () => {
    expect(joined(formatChip(0.0257, 'mm'))).toBe('0.026\u00a0mm');
    expect(joined(formatChip(0.0257, 'inch'))).toBe('0.0010\u00a0in');
    expect(joined(formatEdgeRadius(40, 'mm'))).toBe('40\u00a0\u03bcm');
    expect(joined(formatEdgeRadius(40, 'inch'))).toBe('0.0016\u00a0in');
    expect(joined(formatForcePerWidth(260.4, 'mm'))).toBe('260\u00a0N/mm');
    expect(joined(formatForcePerWidth(260.4, 'inch'))).toBe('1490\u00a0lbf/in');
  });

  it('says forces and coarse sizes to two figures in both systems', () => {
    expect(joined(formatForce(263, 'mm'))).toBe('260\u00a0N');
    expect(joined(formatForce(260, 'inch'))).toBe('58\u00a0lbf');
    expect(coarseLength(143, 'mm')).toBe('140');
    expect(coarseLength(8.47, 'inch')).toBe('0.33');
  });

  it('says feeds and speeds in both systems', () => {
    expect(formatFeedPerTurn(0.12, 'mm')).toEqual({ figure: '0.12', unit: 'mm/rev' });
    expect(formatFeedPerTurn(0.0254, 'inch', 'tooth')).toEqual({ figure: '0.0010', unit: 'in/tooth' });
    expect(formatFeedRate(428.6, 'mm').figure).toBe('429');
    expect(formatFeedRate(254, 'inch')).toEqual({ figure: '10.0', unit: 'in/min' });
    expect(formatSurfaceSpeed(8.43, 'mm')).toEqual({ figure: '8.4', unit: 'm/min' });
    expect(formatSurfaceSpeed(30.48, 'inch')).toEqual({ figure: '100', unit: 'sfm' });
  });

  it('keeps seconds and factors short', () => {
    expect(formatSeconds(0.74).figure).toBe('0.7');
    expect(formatSeconds(14.4).figure).toBe('14');
    expect(formatFactor(0.8)).toBe('× 0.80');
  });
});
