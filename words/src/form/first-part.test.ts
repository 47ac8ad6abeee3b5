import { gearOf, plainSpan, span, type Gear } from '@pike-stone/core/form';
import { SMALL_GEAR } from '@pike-stone/core/form-fixture';
import {
  sayOverPins,
  saySpan,
  saySpanReading,
  sayToothMeasures,
  sayWires,
  sayWiresReading,
} from './first-part';

const gear: Gear = gearOf(SMALL_GEAR);

it('a gear of module 1 and 20 teeth is measured by caliper, span and pins', () => {
  expect(saySpan(gear, 'mm')).toBe('Span over 3 teeth: 7.660\u00a0mm without backlash.');
  const [caliper, spanSays, pins] = sayToothMeasures(gear, 'inch');
  expect(caliper).toMatch(/^Gear caliper: 0\.062\sin at 0\.041\sin below the tip\.$/);
  expect(spanSays).toContain('0.3016\u00a0in');
  expect(pins).toMatch(/^Over two pins of 0\.068\sin/);
  expect(sayOverPins(gear, 0.2, 'mm')).toContain('take about 1.73\u00a0mm');
});

it('a span that reads too large is sunk so that the next one is right', () => {
  expect(saySpanReading(gear, 0.002, 'mm')).toBe('It is right.');
  const deeper = /cut ([\d.]+)\smm deeper/.exec(saySpanReading(gear, 0.137, 'mm'))![1];
  const sunk = { ...gear, shift: gear.shift - Number(deeper) / gear.moduleMm };
  const fell = plainSpan(gear, span(gear).teeth) - plainSpan(sunk, span(gear).teeth);
  expect(fell).toBeCloseTo(0.137, 2);
  expect(saySpanReading(gear, -0.05, 'mm')).toContain('50\u00a0µm too small');
});

it('wires that read too large go in by half', () => {
  expect(sayWires(19.5104, 1.1547, 'mm')).toBe(
    'It must read 19.510\u00a0mm. Best wires for this pitch: 1.155\u00a0mm.',
  );
  expect(sayWiresReading(0.004, 'mm')).toBe('It is right.');
  expect(sayWiresReading(0.1, 'mm')).toBe('100\u00a0µm too large: in by 0.05\u00a0mm on the radius.');
  expect(sayWiresReading(-0.1, 'inch')).toBe('3.9\u00a0thou too small.');
});
