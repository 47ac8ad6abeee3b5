import { writeFileSync } from 'node:fs';
import { cutPlan, findings, misfits } from '@pike-stone/core';
import { forecast } from '@pike-stone/core/forecast';
import { cases } from './cases';
import { kept } from './kept';
import { told } from './told';
import { CUTTERS } from './cutters';
test('count', () => {
  const before = kept('/tmp/plans-before.json.br');
  const rules: Record<string, string[]> = {};
  const add = (rule: string, text: string) => (rules[rule] ??= []).push(text);
  let changedCount = 0, over = 0, overBefore = 0, overLong = 0, share1 = 0, share1b = 0, planned = 0, ms = 0;
  const t0 = Date.now();
  cases().forEach((one, i) => {
    const was = before[i]!;
    const { setup, rules: r } = one;
    const n = (k: string) => was.numbers[k];
    const head = `${i} ${setup.operation} ${setup.machine.name} ${setup.tool.name} ${setup.stock.materialKey} d${setup.workDiameterMm}`;
    const bad = misfits(setup);
    if (bad.length) { changedCount++; add('refused: ' + bad[0]!.code, head + ' ' + JSON.stringify(bad[0])); return; }
    planned++;
    const plan = cutPlan(setup, r);
    const f = forecast(setup, plan);
    const now = told(one, i, CUTTERS);
    const same = JSON.stringify(now.numbers) === JSON.stringify(was.numbers) && JSON.stringify(now.sentences) === JSON.stringify(was.sentences);
    if (!same) changedCount++;
    const { speed, feed, depth } = plan;
    const rpmWas = n('plan.speed.rpm');
    const start = `${rpmWas}→${speed.rungRpm}`;
    if (rpmWas !== speed.rungRpm) add('speed: ' + (speed.heldBy?.name ?? (speed.factors.applied.map(x=>x.name).filter(x=>/drill|hole/.test(x)).join('+')|| (['drill-rod','aluminium-bronze'].includes(setup.stock.materialKey)?'chart row':'factors'))), head + ' rpm ' + start + ' cap ' + speed.cap.name + ' ' + speed.cap.rpm.toFixed(0));
    const dWas = n('plan.depth.mm')!;
    if (Math.abs(dWas / depth.mm - 1) > 1e-6) add('depth: ' + depth.reason, head + ` ${dWas}→${depth.mm}`);
    const wWas = n('plan.depth.width');
    if (wWas != null && depth.widthInUseMm != null && Math.abs(wWas / depth.widthInUseMm - 1) > 1e-6) add('width', head + ` ${wWas}→${depth.widthInUseMm} ${depth.reason}`);
    const fWas = n('plan.feed.mmRev')!;
    if (Math.abs(fWas / feed.mmRev - 1) > 1e-6) add('feed: ' + (feed.easedMmRev !== null ? 'power' : setup.operation === 'shape' ? 'shaper' : setup.operation==='thread' ? 'pitch' : Math.abs(n('plan.feed.wanted')!/feed.wantedMmRev-1)<1e-6 ? 'lever or hand at another speed' : speed.factors.applied.map(x=>x.name).filter(x=>/drill|hole|light/.test(x)).join('+')|| 'factors'), head + ` ${fWas}→${feed.mmRev}`);
    const codes = findings(setup, plan).map((x) => x.code);
    for (const c of ['above-band','springs','slot-deep','ram-fast','thread-fast','power','too-fast','chuck-rpm'] as const) {
      const had = was.sentences.some((s) => s.startsWith(c + '|danger|') || s.startsWith(c + '|caution|'));
      const has = codes.includes(c);
      if (has !== had) add(`said: ${c} ${has ? 'newly' : 'no longer'}`, head + ` rpmByHand ${setup.rpmByHand}`);
    }
    const own = setup.rpmByHand === null;
    const hWas = n('forecast.heat.marginK');
    if (own && typeof hWas === 'number' && hWas < 0) overBefore++;
    if (own && f.heat?.verdict === 'over') { over++; add('own start over heat', head + ' ' + f.heat.marginK.toFixed(0) + ' ' + speed.factors.applied.map(x=>x.name).join()+ ' ideal '+ (speed.rungRpm/speed.idealRpm).toFixed(2) +' f '+feed.mmRev.toFixed(3)); }
    if (f.heat?.verdict === 'over' && (f.life?.minutes ?? 0) > 240) { overLong++; add('OVERLONG', head + JSON.stringify([f.heat, f.life, speed.factors.applied.map(x=>x.name), speed.actualMPerMin, speed.range, feed.mmRev, feed.baseMm, depth.mm, depth.wantedMm])); }
    const sWas = n('forecast.power.share');
    if (own && setup.depthMm === null && typeof sWas === 'number' && sWas > 1) share1b++;
    if (own && setup.depthMm === null && (f.power?.share ?? 0) > 1) { share1++; add('own start over power', head + ' share ' + f.power!.share!.toFixed(2) + ` rpm ${speed.rungRpm} f ${feed.mmRev.toFixed(4)} low ${feed.lowMmRev.toFixed(4)} ${feed.byHandChoice} d ${depth.mm} ${depth.reason}`); }
  });
  const out = [`changed ${changedCount} planned ${planned} over heat before ${overBefore} now ${over}; over+long ${overLong}; power>1 before ${share1b} now ${share1}; ${Date.now()-t0} ms`];
  for (const [k, v] of Object.entries(rules).sort()) out.push(`\n## ${k}: ${v.length}`, ...[v[0], v[Math.floor(v.length/2)], v.at(-1)].map(String));
  writeFileSync('/tmp/rules.txt', out.join('\n'));
});
