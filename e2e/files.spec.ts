/** Everything out as files and in again: a grower's own list, an archive, tables for a spreadsheet. */
import { randomUUID } from 'node:crypto';
import { readFile } from 'node:fs/promises';
import type { Page } from '@playwright/test';
import { expect, test } from './server';

const list = [
  'Plant no;Orchid;Genus;Parents;Bought on;Location;Mix;Pot colour',
  'Z 901;Evening Lantern;Phal.;A x B;3/4/2021;Kiln Lane flat;bark;blue',
  'Z 902;Small Dragon;Masdevalia;;;;moss;',
  'Z 903;Odd One;Gizmo;;;;;',
  'Z 904;;;;;;;',
  ';K 22 again;Stanhopea;;;;;',
].join('\n');

test('a list with slips, an unknown kind and days that could be two', async ({ visitor, app }) => {
  await visitor.goto(`${app.address}/plants`);
  const count = visitor.locator('output').filter({ hasText: /plants?$/ });
  const before = await count.innerText();
  await visitor.getByRole('link', { name: 'Lists and files…' }).click();
  await visitor
    .getByLabel('Choose the file')
    .setInputFiles({ name: 'mine.csv', mimeType: 'text/csv', buffer: Buffer.from(list) });
  await expect(visitor.getByText('mine.csv: 4 plants')).toBeVisible();

  // Asked once, since no day tells which number is the month.
  await expect(visitor.getByRole('button', { name: 'Say first how days are written' })).toBeDisabled();
  await visitor.getByRole('region', { name: 'Days' }).getByText('3 April 2021').click();
  const kinds = visitor.getByRole('region', { name: 'Kinds' });
  await expect(kinds.getByRole('listitem').filter({ hasText: 'Masdevalia' })).toContainText('look at it');
  await expect(kinds.getByRole('listitem').filter({ hasText: 'Gizmo' })).toContainText('not known');
  const changes = visitor.getByRole('region', { name: 'What will change' });
  await expect(changes).toContainText('1 left out, since nobody said their kind: Odd One.');
  await expect(changes).toContainText('Left out, since they have no name: lines 5.');
  await kinds.getByLabel(/Gizmo/).selectOption({ label: 'Vanda' });
  await expect(changes).not.toContainText('nobody said their kind');

  // An interruption costs nothing.
  await visitor.reload();
  await expect(kinds.getByLabel(/Gizmo/)).toHaveValue('vanda');
  await expect(changes).toContainText('Evening Lantern no. Z 901, Phalaenopsis, Kiln Lane flat, in conifer bark');
  // A place that nobody said is asked for, and none is put in its stead.
  await expect(visitor.getByRole('button', { name: 'Say first which place is meant' })).toBeDisabled();
  const places = visitor.getByRole('region', { name: 'Places' });
  await places.getByLabel(/no place said/).selectOption({ label: 'Kiln Lane flat' });
  const media = visitor.getByRole('region', { name: 'Media' });
  await expect(media.getByRole('listitem').filter({ hasText: /^moss/ })).toContainText('look at it');
  await visitor.getByRole('button', { name: 'Take in 4 plants' }).click();
  await expect(visitor.getByText('4 plants are on record.')).toBeVisible();

  await visitor.getByLabel('Find a plant').fill('Evening Lantern');
  await visitor
    .getByRole('link', { name: /Evening Lantern/ })
    .first()
    .click();
  await expect(visitor.getByText('Pot colour: blue')).toBeVisible();
  await expect(visitor.getByText(/April 2021/).first()).toBeVisible();

  // The same list once more: who is here already is told, and left alone.
  await visitor.goto(`${app.address}/plants/files`);
  await visitor.getByLabel('Or paste it').fill(list);
  await visitor.getByRole('button', { name: 'Read what I pasted' }).click();
  await expect(changes).toContainText(
    /3 are on record already, by number or name: Evening Lantern, Small Dragon, K 22 again/,
  );
  await visitor.getByRole('button', { name: 'Another list' }).click();

  const taken = visitor.getByRole('region', { name: 'Taken in before' });
  await taken
    .getByRole('button', { name: /Undo all of it/ })
    .first()
    .click();
  await expect(taken.getByRole('button', { name: /Bring it back/ }).first()).toBeVisible();
  await visitor.goto(`${app.address}/plants`);
  await expect(count).toHaveText(before);
});

test('a list whose answer was lost is kept once', async ({ visitor, app }) => {
  await visitor.goto(`${app.address}/plants/files`);
  await visitor.getByLabel('Or paste it').fill('Name,Genus\nTwice Asked,Phalaenopsis\nTwice Sent,Vanda');
  await visitor.getByRole('button', { name: 'Read what I pasted' }).click();
  await visitor
    .getByRole('region', { name: 'Places' })
    .getByLabel(/no place said/)
    .selectOption({ label: 'Kiln Lane flat' });
  // It arrives, and its answer does not.
  await visitor.route('**/api/lists', async (route) => {
    if (route.request().method() !== 'POST') return route.continue();
    await route.fetch();
    return route.abort();
  });
  await visitor.getByRole('button', { name: 'Take in 2 plants' }).click();
  await expect(visitor.getByRole('alert').filter({ hasText: /reached/ })).toBeVisible();
  await visitor.unroute('**/api/lists');
  // Sent again it is the same; read anew, they are here already.
  await visitor.getByRole('button', { name: 'Take in 2 plants' }).click();
  await expect(visitor.getByText('2 plants are on record.')).toBeVisible();
  await visitor.goto(`${app.address}/plants?search=Twice`);
  await expect(visitor.getByRole('link', { name: /Twice (Asked|Sent)/ })).toHaveCount(2);
});

test('what is no list says why', async ({ visitor, app }) => {
  await visitor.goto(`${app.address}/plants/files`);
  await visitor.getByLabel('Or paste it').fill('Colour,Size\nred,3');
  await visitor.getByRole('button', { name: 'Read what I pasted' }).click();
  await expect(visitor.getByRole('alert').filter({ hasText: 'No column' })).toContainText(
    'Give one the heading “Name” or “Genus”.',
  );
  await visitor.getByRole('button', { name: 'Another list' }).click();
  await expect(visitor.getByLabel('Choose the file')).toBeVisible();
});

async function downloaded(page: Page, name: string): Promise<string> {
  const [file] = await Promise.all([page.waitForEvent('download'), page.getByRole('link', { name }).click()]);
  return readFile(await file.path(), 'utf8');
}

test('the whole collection goes out as one file; read in again, all of it is here already', async ({
  visitor,
  app,
}) => {
  await visitor.goto(`${app.address}/plants/files`);
  const text = await downloaded(visitor, 'Archive (JSON)');
  const archive = JSON.parse(text) as Record<string, unknown[]>;
  expect(archive.format).toBe('tender-cairn archive');
  expect(archive.plants!.length).toBeGreaterThanOrEqual(60);
  await visitor
    .getByLabel('Choose the archive')
    .setInputFiles({ name: 'all.json', mimeType: 'application/json', buffer: Buffer.from(text) });
  const section = visitor.getByRole('region', { name: 'Take in an archive' });
  await expect(section).toContainText(`plants: 0 new, ${archive.plants!.length} here already`);
  await expect(section.getByRole('button', { name: 'All of it is here already' })).toBeDisabled();
});

test('an archive from elsewhere is looked at first, taken in, and undone', async ({ visitor, app }) => {
  const plantId = randomUUID();
  const moment = '2026-04-01T08:00:00Z';
  const archive = {
    format: 'tender-cairn archive',
    version: 1,
    writtenAt: moment,
    plants: [
      {
        id: plantId,
        name: 'From another bench',
        genusId: 'vanda',
        tagNumber: null,
        parentage: null,
        source: null,
        acquiredOn: null,
        spot: null,
        flag: null,
        dividedFromId: null,
        dividedOn: null,
        lastCase: { genus: 'vanda', place: 'glasshouse' },
        caseVersion: 1,
        version: 1,
        createdAt: moment,
        deletedAt: null,
      },
    ],
  };
  await visitor.goto(`${app.address}/plants/files`);
  const section = visitor.getByRole('region', { name: 'Take in an archive' });
  const choose = async (content: object) =>
    visitor.getByLabel('Choose the archive').setInputFiles({
      name: 'other.json',
      mimeType: 'application/json',
      buffer: Buffer.from(JSON.stringify(content)),
    });
  await choose({ ...archive, version: 9 });
  await expect(section.getByRole('alert')).toHaveText('Its version is 9; this program knows 1. Nothing was kept.');
  await choose(archive);
  await expect(section).toContainText('plants: 1 new');
  await section.getByRole('button', { name: 'Take it in' }).click();
  await expect(section.getByRole('status')).toHaveText('It is in.');
  const taken = visitor.getByRole('region', { name: 'Taken in before' });
  await expect(taken).toContainText('other.json, 1 plant');
  await visitor.goto(`${app.address}/plants/${plantId}`);
  await expect(visitor.getByRole('heading', { level: 1 })).toContainText('From another bench');
  await visitor.goto(`${app.address}/plants/files`);
  await taken.getByRole('button', { name: /Undo all of it.*other.json/ }).click();
  await expect(taken.getByRole('button', { name: /Bring it back.*other.json/ })).toBeVisible();
  await visitor.goto(`${app.address}/plants?search=From+another+bench`);
  await expect(visitor.getByText('From another bench')).toHaveCount(0);
});

test('tables for a spreadsheet: what happened, what was measured, what lies in stock', async ({ visitor, app }) => {
  await visitor.goto(`${app.address}/plants/files`);
  expect((await downloaded(visitor, 'What happened (CSV)')).split('\r\n')[0]).toMatch(/^day,what,plant,tag/);
  expect((await downloaded(visitor, 'What was measured (CSV)')).split('\r\n').length).toBeGreaterThan(20);
  expect(await downloaded(visitor, 'Stock (CSV)')).toContain('Charcoal 8–16 mm,4,L');
});
