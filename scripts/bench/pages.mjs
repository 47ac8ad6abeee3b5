// First paint, largest paint, layout shift and answers to the hand, on a slowed phone and a slow line.
import { join } from 'node:path';
import { compressFolder } from '../lib/compress.mjs';
import { LAUNCH, dataFolder, projectRoot } from '../lib/packages.mjs';
import { say } from '../lib/say.mjs';
import { benchServer } from './bench-server.mjs';
import { exportApplication, webRoot } from '../lib/web.mjs';

const ROUNDS = 5;
const PHONE = { viewport: { width: 390, height: 844 }, deviceScaleFactor: 2, hasTouch: true };
const CPU_SLOWED = 4;
const LINE = { offline: false, latency: 150, downloadThroughput: 200_000, uploadThroughput: 100_000 };
/** What a page may still do after its largest paint. */
const SETTLED_MS = 2_500;
const CUT =
  '/cut?machineId=0192f000-0001-7000-8000-000000000001&stockId=0192f000-0002-7000-8000-000000000004&toolId=0192f000-0003-7000-8000-000000000001&operation=turn&workDiameterMm=60&stickOutMm=70&support=chuck&fluid=brush';

const median = (values) => [...values].sort((a, b) => a - b)[Math.floor(values.length / 2)];
const seconds = (ms) => (ms / 1000).toFixed(2);

/** An application of the same kit with one word on its page, built as Expo builds it. */
async function emptyApplication() {
  const built = join(dataFolder, 'bench-empty');
  await exportApplication(join(projectRoot, 'scripts/bench/empty'), built);
  compressFolder(built);
  return built;
}

/** Watches the paints and shifts of a page, from before its first script. */
function watch() {
  window.seen = { first: 0, largest: 0, shift: 0 };
  new PerformanceObserver((list) => {
    for (const { name, startTime } of list.getEntries())
      if (name === 'first-contentful-paint') window.seen.first = startTime;
  }).observe({ type: 'paint', buffered: true });
  new PerformanceObserver((list) => {
    for (const { startTime } of list.getEntries()) window.seen.largest = startTime;
  }).observe({ type: 'largest-contentful-paint', buffered: true });
  new PerformanceObserver((list) => {
    for (const { value, hadRecentInput } of list.getEntries())
      if (!hadRecentInput) window.seen.shift += value;
  }).observe({ type: 'layout-shift', buffered: true });
}

async function slowPage(context) {
  const page = await context.newPage();
  const session = await context.newCDPSession(page);
  await session.send('Network.enable');
  await session.send('Network.emulateNetworkConditions', LINE);
  await session.send('Emulation.setCPUThrottlingRate', { rate: CPU_SLOWED });
  let sent = 0;
  const scripts = new Set();
  session.on(
    'Network.responseReceived',
    ({ requestId, type }) => type === 'Script' && scripts.add(requestId),
  );
  session.on('Network.loadingFinished', ({ requestId, encodedDataLength }) => {
    if (scripts.has(requestId)) sent += encodedDataLength;
  });
  return { page, sent: () => sent };
}

/** Waits until the application has drawn the page: before that, a picture of it may stand in its place. */
async function drawn(page, ready) {
  await page.waitForFunction(() => document.readyState !== 'loading' && !document.querySelector('#frame'));
  await ready(page);
}

async function opened(context, address, ready) {
  const { page, sent } = await slowPage(context);
  await page.addInitScript(watch);
  await page.goto(address, { waitUntil: 'commit' });
  await drawn(page, ready);
  const scriptBytes = sent();
  await page.waitForTimeout(SETTLED_MS);
  const seen = await page.evaluate(() => window.seen);
  await page.close();
  return { ...seen, scriptBytes };
}

/** Cold and again, in turns of five. */
async function loads(browser, url, address, ready) {
  const cold = [];
  const again = [];
  for (let round = 0; round < ROUNDS; round += 1) {
    const context = await browser.newContext({ ...PHONE, baseURL: url });
    cold.push(await opened(context, address, ready));
    const rest = await context.newPage();
    await rest.goto(address);
    await drawn(rest, ready);
    await rest.evaluate(() =>
      Promise.race([navigator.serviceWorker?.ready, new Promise((r) => setTimeout(r, 5_000))]),
    );
    await rest.waitForTimeout(1_000);
    await rest.close();
    again.push(await opened(context, address, ready));
    await context.close();
  }
  const line = (what, runs) =>
    say(
      `${what}: first paint ${seconds(median(runs.map(({ first }) => first)))} s, largest ${seconds(median(runs.map(({ largest }) => largest)))} s, shift ${median(runs.map(({ shift }) => shift)).toFixed(3)}, JavaScript ${Math.round(median(runs.map(({ scriptBytes }) => scriptBytes)) / 1000)} kB`,
    );
  line(`${address.split('?')[0]} cold`, cold);
  line(`${address.split('?')[0]} again`, again);
}

/**
 * Time from an event to the first frame in which the text of a part has changed.
 * @param part  its selector, and the words it begins with
 */
const untilChanged = (page, event, part, act) =>
  page
    .evaluate(
      ({ event: name, part: { css, begins } }) => {
        const text = () =>
          [...document.querySelectorAll(css)].find((one) => one.textContent.startsWith(begins))?.textContent;
        const before = text();
        window.changed = new Promise((resolve) => {
          window.addEventListener(
            name,
            ({ timeStamp }) => {
              const look = () =>
                text() === before
                  ? requestAnimationFrame(look)
                  : requestAnimationFrame(() => resolve(performance.now() - timeStamp));
              requestAnimationFrame(look);
            },
            { capture: true, once: true },
          );
        });
      },
      { event, part },
    )
    .then(act)
    .then(() => page.evaluate(() => window.changed));

async function hand(browser, url) {
  const context = await browser.newContext({ ...PHONE, baseURL: url });
  const page = await context.newPage();
  const spindle = { css: '[role=button]', begins: 'Spindle' };
  await page.goto(CUT);
  await page.getByRole('button', { name: /^Spindle/ }).waitFor();
  await page.waitForTimeout(3_000);
  const session = await context.newCDPSession(page);
  await session.send('Emulation.setCPUThrottlingRate', { rate: CPU_SLOWED });
  const times = { key: [], set: [], step: [] };
  for (let round = 0; round < 2 * ROUNDS; round += 1) {
    await page.getByTestId('dimension-diameter').click();
    const box = page.getByRole('dialog').getByRole('textbox');
    await box.fill(round % 2 === 0 ? '2' : '11');
    times.key.push(
      await untilChanged(page, 'keydown', { css: '[role=dialog] [aria-live=polite]', begins: '' }, () =>
        page.keyboard.press('0'),
      ),
    );
    times.set.push(
      await untilChanged(page, 'click', spindle, () =>
        page.getByRole('button', { name: 'Set', exact: true }).click(),
      ),
    );
    await page.waitForTimeout(700);
  }
  for (let round = 0; round < 2 * ROUNDS; round += 1) {
    const step = page.getByRole('button', { name: round % 2 === 0 ? 'One step down' : 'One step up' });
    times.step.push(await untilChanged(page, 'click', spindle, () => step.first().click()));
    await page.waitForTimeout(700);
  }
  await context.close();
  say(
    `key to reading ${Math.round(median(times.key))} ms, Set to figures ${Math.round(median(times.set))} ms, speed step to figures ${Math.round(median(times.step))} ms`,
  );
}

/** @param ownerUrl  the database of the demo shop */
export async function pages(ownerUrl) {
  const { chromium: launcher } = await import('playwright-core');
  const browser = await launcher.launch(LAUNCH);
  const serve = async (root, work) => {
    const server = benchServer(ownerUrl, root);
    const { port } = await server.listening;
    try {
      await work(`http://127.0.0.1:${port}`);
    } finally {
      await server.stop();
    }
  };
  try {
    say(`pages at 390x844, CPU slowed ${CPU_SLOWED} times, 1.6 Mbit and 150 ms, median of ${ROUNDS}:`);
    await serve(webRoot, async (url) => {
      await loads(browser, url, '/', (page) => page.getByText('Done last').waitFor());
      await loads(browser, url, CUT, (page) =>
        page.getByRole('button', { name: /^Spindle .*rpm/ }).waitFor(),
      );
      await hand(browser, url);
    });
    say('an empty application of the same kit:');
    await serve(await emptyApplication(), (url) =>
      loads(browser, url, '/', (page) => page.getByText('Empty').waitFor()),
    );
  } finally {
    await browser.close();
  }
}
