import fc from 'fast-check';
import { spokenName } from './spoken';

test.each([
  ['Set', undefined, 'Set'],
  ['Use start', 'Use the proposed start', 'Use start, Use the proposed start'],
  ['Turn', 'Turn the bar', 'Turn the bar'],
  ['Set', 'Settings of this device', 'Set, Settings of this device'],
  ['⌀60', 'Diameter 60 mm', '⌀60, Diameter 60 mm'],
  ['.', 'point', 'point'],
])('%s with %s is said as %s', (seen, says, said) => expect(spokenName(seen, says)).toBe(said));

test('whatever is seen is said first', () => {
  const words = fc.array(fc.constantFrom('set', 'belt', '3', '0.1', 'mm'), { minLength: 1, maxLength: 4 });
  fc.assert(
    fc.property(words, words, (seen, says) => {
      const plain = (text: string) => text.replace(/[^a-z0-9]+/g, ' ').trim();
      expect(plain(spokenName(seen.join(' '), says.join(' '))).startsWith(plain(seen.join(' ')))).toBe(true);
    }),
  );
});
