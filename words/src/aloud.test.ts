import { aloud } from './aloud';
import { formatFeedPerTurn, formatFeedRate, formatLength } from './format';

test.each([
  [{ figure: '500', unit: 'rpm' }, '500 rpm'],
  [formatFeedPerTurn(0.1, 'mm'), '0.1 millimetres a turn'],
  [formatFeedPerTurn(0.0254, 'inch', 'tooth'), '0.0010 inches a tooth'],
  [formatFeedRate(254, 'inch'), '10.0 inches a minute'],
  [formatLength(1.02, 'mm'), '1.02 millimetres'],
  [{ figure: '2', unit: 's a turn' }, '2 seconds a turn'],
])('%j is said as %s', (shown, said) => expect(aloud(shown)).toBe(said));

test('no unit that a result is shown in is read as signs', () => {
  for (const unit of ['mm', 'in', 'mm/rev', 'in/rev', 'mm/min', 'in/min', 'mm/stroke', '/min'])
    expect(aloud({ figure: '1', unit })).not.toMatch(/[/]|\bmm\b|\bin\b/);
});
