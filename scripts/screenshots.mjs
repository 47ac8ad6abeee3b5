// Photographs the main views with the demo data into docs/screenshots (or the folder named by SHOTS).
// Usage: node scripts/screenshots.mjs [part of a view's name ...]
import { mkdirSync, rmSync } from 'node:fs';
import { join } from 'node:path';
import { LAUNCH, chromium, dataFolder, ensureDebian, ensurePackages, projectRoot } from './lib/packages.mjs';
import { Cluster, postgresql } from './lib/postgres.mjs';
import { run, say } from './lib/say.mjs';
import { buildServer } from './lib/build-server.mjs';
import { startServer, startStandIns } from './lib/server.mjs';
import { ensureWeb, webRoot } from './lib/web.mjs';

const PHONE = { width: 390, height: 844 };
const WIDE = { width: 1280, height: 800 };
const demo = (group, n) =>
  `0192f000-00${String(group).padStart(2, '0')}-7000-8000-${n.toString(16).padStart(12, '0')}`;
const cut = (machine, stock, tool, more) => {
  const set = {
    machineId: demo(1, machine),
    stockId: demo(2, stock),
    toolId: demo(3, tool),
    workDiameterMm: 30,
    stickOutMm: 60,
    support: 'chuck',
    fluid: 'brush',
    ...more,
  };
  return new URLSearchParams(Object.entries(set).map(([key, value]) => [key, String(value)])).toString();
};
const bush = cut(1, 4, 1, { operation: 'turn', workDiameterMm: 60, stickOutMm: 70 });
const frame = cut(3, 7, 17, { operation: 'mill-side', stickOutMm: 30 });
const shaft = cut(2, 1, 7, {
  operation: 'turn',
  workDiameterMm: 50,
  stickOutMm: 220,
  support: 'chuck-and-centre',
  fluid: 'dry',
});

/** name, address, size; theme, units and what to touch first when they differ from the plain view. */
const VIEWS = [
  { name: 'bench', path: '/', before: `/cut?${bush}` },
  { name: 'cut-lathe', path: `/cut?${bush}` },
  { name: 'cut-mill', path: `/cut?${frame}` },
  {
    name: 'quick-cut',
    path: '/cut/quick',
    touch: async (page) => {
      await page.getByRole('radio', { name: 'Mild steel', exact: true }).click();
      await page.getByRole('radio', { name: 'Coated insert', exact: true }).click();
      await page.getByRole('radio', { name: /^0\.8/ }).click();
    },
  },
  {
    name: 'seen',
    path: '/cut/log',
    before: `/cut?${shaft}`,
    touch: async (page) => {
      await page.getByRole('checkbox', { name: /^Long ribbon/ }).click();
      await page.waitForTimeout(500);
    },
  },
  {
    name: 'compare-dark',
    path: `/book/comparisons/${demo(14, 1)}`,
    theme: 'dark',
    touch: (page) => page.getByRole('status').scrollIntoViewIfNeeded(),
  },
  { name: 'form-cutter', path: `/grind/forms/${demo(12, 1)}`, size: WIDE },
  { name: 'form-prove', path: `/grind/forms/${demo(12, 3)}/prove` },
  { name: 'grind-step', path: `/grind/${demo(8, 3)}/steps`, touch: (page) => page.waitForTimeout(2_000) },
  {
    name: 'grind-wide-dark-inch',
    path: `/grind/${demo(8, 7)}`,
    size: WIDE,
    theme: 'dark',
    units: 'inch',
    touch: (page) => page.waitForTimeout(2_000),
  },
  { name: 'working', path: '/cut/working?of=speed', before: `/cut?${bush}` },
  { name: 'forecast', path: '/cut/forecast', before: `/cut?${shaft}` },
  { name: 'to-size', path: '/cut/to-size', before: `/cut?${bush}` },
  { name: 'book', path: '/book' },
  {
    name: 'run-wide',
    path: `/book/runs/${demo(13, 3)}`,
    size: WIDE,
    touch: (page) => page.waitForTimeout(1_500),
  },
  {
    name: 'sharpen-end-mill',
    path: `/grind/sharpen/${demo(3, 39)}`,
    touch: (page) => page.waitForTimeout(2_000),
  },
  { name: 'cut-wide', path: `/cut?${shaft}`, size: WIDE },
  {
    name: 'choose-wide-dark-inch',
    path: '/cut/choose',
    before: `/cut?${shaft}`,
    size: WIDE,
    theme: 'dark',
    units: 'inch',
  },
  { name: 'drawer-wide', path: `/drawer?kind=tools&id=${demo(3, 1)}`, size: WIDE },
];

async function photograph(
  browser,
  url,
  out,
  { name, path, before, size = PHONE, theme = 'light', units = 'mm', touch },
) {
  const context = await browser.newContext({
    viewport: size,
    deviceScaleFactor: 1,
    hasTouch: size === PHONE,
  });
  const page = await context.newPage();
  page.on('pageerror', (error) => say(`${name}: ${error.message}`));
  page.on('console', (message) => message.type() === 'error' && say(`${name}: ${message.text()}`));
  await page.addInitScript(
    (kept) => localStorage.setItem('pike-preferences', kept),
    JSON.stringify({ state: { units, theme, recent: {} }, version: 0 }),
  );
  for (const address of [before, path].filter(Boolean)) {
    await page.goto(url + address);
    await page.waitForFunction(
      () =>
        document.querySelector('[role=main]')?.textContent && !document.querySelector('[role=progressbar]'),
    );
    await page.waitForLoadState('networkidle');
  }
  await page.waitForTimeout(400);
  await page.evaluate(() => document.fonts.ready);
  await touch?.(page);
  await page.waitForTimeout(250);
  await page.screenshot({ path: join(out, `${name}.png`) });
  await context.close();
}

async function main() {
  await ensurePackages();
  await ensureDebian([postgresql, chromium]);
  await ensureWeb();
  await buildServer();
  const out = process.env.SHOTS ?? join(projectRoot, 'docs/screenshots');
  mkdirSync(out, { recursive: true });
  const scratch = join(dataFolder, `screenshots-${process.pid}`);
  const cluster = new Cluster(scratch, `/var/lib/pike-stone-screenshots-${process.pid}`);
  const { chromium: launcher } = await import('playwright-core');
  let server;
  let standIns;
  let browser;
  try {
    standIns = startStandIns();
    server = startServer({
      PIKE_DATABASE_URL: await cluster.open(),
      PIKE_OWN_CLUSTER: 'yes',
      PIKE_WEB_ROOT: webRoot,
      PIKE_PORT: '0',
      PIKE_INSTRUMENTS: await standIns.listening,
    });
    const { port } = await server.listening;
    browser = await launcher.launch(LAUNCH);
    const wanted = process.argv.slice(2);
    for (const view of VIEWS.filter(
      ({ name }) => wanted.length === 0 || wanted.some((part) => name.includes(part)),
    )) {
      await photograph(browser, `http://127.0.0.1:${port}`, out, view);
      say(`${view.name}.png`);
    }
  } finally {
    await browser?.close();
    await server?.stop();
    await standIns?.stop();
    await cluster.stop();
    cluster.remove();
    rmSync(scratch, { recursive: true, force: true });
  }
}

await run(main);
