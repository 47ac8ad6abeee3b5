import { readFile } from 'node:fs/promises';
import type { Page } from '@playwright/test';
import { DEMO } from '../fixtures/demo';
import { expect, test } from '../fixtures/device';
import { visit } from '../fixtures/drawn';
import { unzip } from '../fixtures/zip';

/** What a press on a button saves on the device. */
async function saved(page: Page, button: string): Promise<{ name: string; bytes: Buffer }> {
  const [download] = await Promise.all([
    page.waitForEvent('download'),
    page.getByRole('button', { name: button }).click(),
  ]);
  return { name: download.suggestedFilename(), bytes: await readFile(await download.path()) };
}

async function give(page: Page, name: string, buffer: Buffer): Promise<void> {
  const [chooser] = await Promise.all([
    page.waitForEvent('filechooser'),
    page.getByRole('button', { name: 'Read a file' }).click(),
  ]);
  await chooser.setFiles({ name, mimeType: 'application/zip', buffer });
}

test('the whole shop is saved as a file, and what differs is taken back from it', async ({ page }) => {
  await page.goto('/settings');
  await page.getByRole('button', { name: /^The shop as files/ }).click();
  const { name, bytes } = await saved(page, 'Save the whole shop');
  expect(name).toMatch(/^pike-stone-\d{4}-\d\d-\d\d\.zip$/);
  expect((await unzip(bytes)).get('records/tools.jsonl')!.toString()).toContain(DEMO.tool.drill85);

  await give(page, name, bytes);
  const holds = page.getByRole('list', { name: 'What the file holds' });
  await expect(holds).toContainText(/As they are here.*Tools \d+/);
  await expect(page.getByRole('button', { name: 'Nothing to take in' })).toBeDisabled();

  const path = `/api/tools/${DEMO.tool.drill85}`;
  const { version, body } = (await (await page.request.get(path)).json()) as {
    version: number;
    body: { name: string };
  };
  await page.request.put(path, { data: { version, archived: false, body: { ...body, name: 'Somebody’s' } } });
  await give(page, name, bytes);
  await expect(holds).toContainText(`1 differs (${body.name})`);
  await expect(page.getByRole('button', { name: 'Nothing to take in' })).toBeDisabled();
  await page.getByRole('radio', { name: 'Take the file’s' }).click();
  await page.getByRole('button', { name: 'Take in 1 record' }).click();
  await expect(page.getByRole('heading', { name: 'Taken in' })).toBeVisible();
  await visit(page, `/drawer/tools/${DEMO.tool.drill85}`);
  await expect(page.getByRole('heading', { level: 1, name: body.name })).toBeVisible();
});

test('a file that is none of ours is refused in plain words; a table is saved for a spreadsheet', async ({
  page,
}) => {
  await page.goto('/files');
  await give(page, 'holiday.zip', Buffer.from('no zip'));
  await expect(page.getByText('This file is no zip file, or it is not whole.')).toBeVisible();
  const table = await saved(page, 'Save CSV: Cuts in the book');
  expect(table.name).toBe('pike-stone-cuts.csv');
  expect(table.bytes.toString()).toMatch(/^id,version,archived,updatedAt,.*names\.stock/);
});
