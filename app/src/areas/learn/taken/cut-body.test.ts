import { cutBody } from '@pike-stone/contract';
import { cutPlan, DEFAULT_RULES } from '@pike-stone/core';
import { cutOf, cutSetup } from '../../cut/cut.fixture';
import { CHOICE } from '../learn.fixture';
import { cutBodyOf, type Taken } from './cut-body';

const TAKEN: Taken = {
  set: { rpm: 250, feedMmRev: 0.12, depthMm: 1 },
  outcome: 'worked',
  remark: '',
  signs: ['good-arcs'],
  measured: {},
  photo: false,
  was: { speed: 'right', feed: null },
  run: null,
};
const NOW = '2026-11-02T10:00:00.000Z';
const bodyOf = (more: Partial<Taken> = {}, cut = { ...cutOf(), choice: CHOICE }) =>
  cutBodyOf(cut, { ...TAKEN, ...more }, NOW);

it('is a cut that the book takes, with what was planned beside what was set', () => {
  const body = bodyOf({ set: { rpm: 500, feedMmRev: 0.2, depthMm: 1.5 } });
  expect(cutBody.safeParse(body).error).toBeUndefined();
  const { plan } = cutOf();
  expect(body.planned).toMatchObject({ rpm: plan.speed.rungRpm, setting: plan.speed.setting });
  expect(body.set).toEqual({ rpm: 500, feedMmRev: 0.2, depthMm: 1.5 });
  expect(body).toMatchObject({ speedWas: 'right', feedWas: null, names: { machine: 'Lathe', stock: 'Bar' } });
});

it('says nothing of a run, a photo or a measure that was not there', () => {
  const body = bodyOf();
  for (const key of ['runId', 'changed', 'better', 'photo', 'measured']) expect(body).not.toHaveProperty(key);
  const whole = bodyOf({
    photo: true,
    measured: { raUm: 1.4 },
    run: { id: CHOICE.machineId, changed: 'feed', better: true },
  });
  expect(whole).toMatchObject({
    runId: CHOICE.machineId,
    changed: 'feed',
    better: true,
    photo: true,
    measured: { raUm: 1.4 },
  });
});

it('is measured against the table, not against what the shop had learned already', () => {
  const learned = { low: 0.6, high: 0.8, cuts: 9, machineCuts: 9 };
  const own = cutSetup({
    learned: { speed: { ...learned, factor: 0.7 }, feed: { ...learned, factor: 1.1 } },
  });
  const cut = { ...cutOf(), setup: own, plan: cutPlan(own, DEFAULT_RULES), choice: CHOICE };
  const [table, body] = [bodyOf().planned, bodyOf({}, cut).planned];
  expect(body.aimMPerMin).toBeCloseTo(0.7 * table.aimMPerMin, 4);
  expect(body.tableMPerMin).toBeCloseTo(table.tableMPerMin!, 4);
  expect(body.tableFeedMmRev).toBeCloseTo(table.tableFeedMmRev!, 5);
});
