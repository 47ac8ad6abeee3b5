import { usualBath } from '@pike-stone/core/identify';
import { bathSteps, mildWays, sayBath, sayWorth, WELDED_CAUSES } from './rescue';

const plain = (text: string) => text.replace(/\u00a0/g, ' ');

it('the bath has its doses, its dangers at their steps, and water before lye', () => {
  const steps = bathSteps(usualBath(0.5));
  const at = (text: RegExp) =>
    steps.findIndex((step) => text.test(plain(`${step.title} ${step.text} ${step.cautions.join(' ')}`)));
  expect(at(/^Cold water first 0\.25 l/)).toBeLessThan(at(/Lye into water, never water into lye/));
  expect(at(/goggles and a face shield/)).toBeLessThan(at(/^Cold water/));
  expect(at(/no flame, no spark/)).toBe(0);
  expect(at(/1\.9 g of sodium hydroxide/)).toBeGreaterThan(0);
  expect(steps.at(-1)!.cautions.join(' ')).toMatch(/children/);
  expect(WELDED_CAUSES.length).toBeGreaterThan(2);
});

it('says what the bath takes and whether it is worth it', () => {
  expect(plain(sayBath(usualBath(0.5)))).toBe(
    '1.9 g of sodium hydroxide in 0.25 l of cold water gives off 0.67 l of hydrogen: 0.17 m³ of air at least.',
  );
  expect(sayWorth(null)).toBe('Is it worth it?');
  expect(sayWorth(14.2)).toBe('Worth it by the bath: it saves about 14.2');
  expect(sayWorth(-3)).toBe('Not worth a bath: it would cost 3.00 more than it saves');
  expect(sayWorth(0)).toMatch(/^Not worth/);
});

it('a film is run off in steel, as deep as the machine says it', () => {
  expect(plain(mildWays('mm').film)).toMatch(/0\.2 mm deep.*Never with an edge that has a chip/);
  expect(plain(mildWays('inch').film)).toMatch(/0\.0079 in deep/);
  expect(mildWays('mm').lump).toMatch(/spindle stopped/);
});
