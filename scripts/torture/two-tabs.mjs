// Two tabs of one device without the server, both closed: what was written in them arrives, each once.
import { LAUNCH } from '../lib/packages.mjs';
import { wait } from './stage.mjs';

const CUT =
  '/cut?machineId=0192f000-0001-7000-8000-000000000001&stockId=0192f000-0002-7000-8000-000000000001&toolId=0192f000-0003-7000-8000-000000000001&operation=turn&diameterMm=42&depthMm=1';
const ARRIVED_MS = 60_000;

/** A page that the browser keeps, once it is kept whole. */
async function keptPage(context) {
  const page = await context.newPage();
  await page.goto(CUT);
  await page.waitForFunction(() => navigator.serviceWorker.ready.then(() => true));
  await page.getByRole('button', { name: 'Cut taken' }).waitFor();
  await page.waitForLoadState('networkidle');
  return page;
}

async function put(page, remark) {
  await page.getByRole('button', { name: 'Cut taken' }).click();
  await page.getByRole('radio', { name: 'Worked' }).click();
  await page.getByLabel('Remark').fill(remark);
  await page.getByRole('button', { name: 'Put in the book' }).click();
  await page.getByText(/No connection. \d+ entr/).waitFor();
}

export async function twoTabs(stage, { rounds }) {
  const { chromium } = await import('playwright-core');
  const browser = await chromium.launch(LAUNCH);
  const context = await browser.newContext({
    baseURL: `http://127.0.0.1:${stage.port}`,
    viewport: { width: 390, height: 844 },
  });
  const written = [];
  try {
    for (let round = 0; round < rounds; round += 1) {
      const tabs = [await keptPage(context), await keptPage(context)];
      await stage.server.stop();
      const remarks = tabs.map((_, tab) => `round ${round} tab ${tab}`);
      await Promise.all(tabs.map((page, tab) => put(page, remarks[tab])));
      written.push(...remarks);
      for (const page of tabs) await page.close();
      await stage.start();
      const later = await context.newPage();
      await later.goto('/book');
      const until = Date.now() + ARRIVED_MS;
      while (Date.now() < until && (await arrived(stage, remarks)).length < remarks.length) await wait(250);
      await later.close();
    }
  } finally {
    await browser.close();
  }
  const there = await arrived(stage, written);
  const lost = written.filter((remark) => !there.includes(remark)).length;
  const twice = there.length - new Set(there).size;
  return {
    what: 'Two tabs without the server, both closed',
    tried: `${rounds} rounds, ${written.length} cuts`,
    found: `${lost} lost, ${twice} written twice`,
    sound: lost === 0 && twice === 0,
  };
}

/** Remarks, of those asked for, that the book has. */
async function arrived(stage, remarks) {
  const { records } = JSON.parse((await stage.json('GET', '/api/cuts?limit=500')).text);
  return records.map(({ body }) => body.remark).filter((remark) => remarks.includes(remark));
}
