import { bathSteps, WELDED_CAUSES } from './rescue';

it('the bath has its doses, its dangers at their steps, and water before lye', () => {
  const steps = bathSteps('1.9 g', '0.25 l', '0.17 m³');
  const at = (text: RegExp) =>
    steps.findIndex((step) => text.test(`${step.title} ${step.text} ${step.cautions.join(' ')}`));
  expect(at(/^Cold water first 0\.25 l/)).toBeLessThan(at(/Lye into water, never water into lye/));
  expect(at(/goggles and a face shield/)).toBeLessThan(at(/^Cold water/));
  expect(at(/no flame, no spark/)).toBe(0);
  expect(at(/1\.9 g of sodium hydroxide/)).toBeGreaterThan(0);
  expect(steps.at(-1)!.cautions.join(' ')).toMatch(/children/);
  expect(WELDED_CAUSES.length).toBeGreaterThan(2);
});
