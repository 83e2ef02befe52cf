import { demoPlaces, type Place } from '@core';
import { expect, openPhrase, test, waitForPlan } from './server';

test('a logger file becomes a place on the bench, and can be deleted and brought back', async ({ visitor, app }) => {
  await visitor.goto(`${app.address}/places`);
  await visitor.locator('input[type=file]').setInputFiles('examples/places/logger-stairwell.csv');
  await expect(visitor.getByText(/no readings for 32 h after 2026-01-09 04:00/)).toBeVisible();
  await visitor.getByLabel('Its name').fill('My stairwell');
  await visitor.getByRole('button', { name: 'Keep this place' }).click();
  await expect(visitor.getByRole('button', { name: /My stairwell/ })).toBeVisible();
  await visitor.goto(app.address);
  await waitForPlan(visitor);
  await openPhrase(visitor, 'place');
  await visitor.getByRole('radio', { name: /My stairwell/ }).click();
  await waitForPlan(visitor);
  await openPhrase(visitor, 'place');
  await expect(visitor.getByText(/From a logger/)).toBeVisible();
  await visitor.goto(`${app.address}/places`);
  await visitor.getByRole('button', { name: /My stairwell/ }).click();
  await visitor.getByRole('button', { name: 'Delete', exact: true }).click();
  await expect(visitor.getByRole('button', { name: /My stairwell/ })).toHaveCount(0);
  await visitor.getByRole('button', { name: 'Undo' }).click();
  await expect(visitor.getByRole('button', { name: /My stairwell/ })).toBeVisible();
});

test('a bad file is refused with line and reason, and nothing is kept', async ({ visitor, app }) => {
  await visitor.goto(`${app.address}/places`);
  const kept = async () => (await visitor.request.get(`${app.address}/api/places`)).json() as Promise<unknown>;
  const before = await kept();
  await visitor.locator('input[type=file]').setInputFiles({
    name: 'broken.csv',
    mimeType: 'text/csv',
    buffer: Buffer.from(['time,temp,hum', '2026-07-01 10:00,20,50', '2026-07-01 11:00,20,140'].join('\n')),
  });
  await expect(visitor.getByText('line 3: relative humidity 140 is outside 1 to 100 %')).toBeVisible();
  await expect(visitor.getByRole('button', { name: 'Keep this place' })).toHaveCount(0);
  expect(await kept()).toEqual(before);
});

const twoHumidities = (inside: number, outside: number): string =>
  [
    'Time,Temp,RH 1,RH 2',
    ...Array.from({ length: 48 }, (_, i) => `2026-07-0${1 + Math.floor(i / 24)} ${i % 24}:00,21,${inside},${outside}`),
  ].join('\n');

test('a file that can be read in two ways is asked about once, and the next of its shape is read the same', async ({
  visitor,
  app,
}) => {
  await visitor.goto(`${app.address}/places`);
  const drop = (name: string, text: string) =>
    visitor.locator('input[type=file]').setInputFiles({ name, mimeType: 'text/csv', buffer: Buffer.from(text) });
  await drop('spring.csv', twoHumidities(61, 83));
  await expect(visitor.getByText('Which column is the relative humidity?')).toBeVisible();
  await expect(visitor.getByRole('button', { name: 'Read it so' })).toBeDisabled();
  await visitor.getByRole('radio', { name: /RH 2 83, 83, 83/ }).check();
  await visitor.getByRole('button', { name: 'Read it so' }).click();
  await expect(visitor.getByText(/humidity from RH 2\./)).toBeVisible();
  await expect(visitor.getByText(/1 July 2026 00:00, 21 °C, 83 %/)).toBeVisible();
  await visitor.reload();
  await drop('summer.csv', twoHumidities(50, 70));
  await expect(visitor.getByText('Read as you chose for the last file of this kind.')).toBeVisible();
  await expect(visitor.getByText(/21 °C, 70 %/)).toBeVisible();
  await visitor.getByRole('button', { name: 'Choose again' }).click();
  await visitor.getByRole('radio', { name: /RH 1/ }).check();
  await visitor.getByRole('button', { name: 'Read it so' }).click();
  await expect(visitor.getByText(/21 °C, 50 %/)).toBeVisible();
});

test('a long file does not hold the page, shows how far it is, and can be stopped', async ({ visitor, app }) => {
  await visitor.goto(`${app.address}/places`);
  const minutes = (i: number) => new Date(Date.UTC(2026, 0, 1) + i * 60_000).toISOString().slice(0, 16);
  const rows = Array.from({ length: 700_000 }, (_, i) => `${minutes(i)},21,60`);
  await visitor.locator('input[type=file]').setInputFiles({
    name: 'long.csv',
    mimeType: 'text/csv',
    buffer: Buffer.from(['Time,Temp,RH', ...rows].join('\n')),
  });
  const progress = visitor.getByRole('progressbar', { name: 'How much of the file is read' });
  await expect(progress).toBeVisible();
  // The page answers while the file is read.
  await visitor.getByLabel('Latitude, south negative').fill('12');
  await visitor.getByRole('button', { name: 'Stop' }).click();
  await expect(progress).toHaveCount(0);
  await expect(visitor.getByRole('button', { name: 'Keep this place' })).toHaveCount(0);
});

test('outside for the summer: two places by date, kept, changed with either, and the plan follows', async ({
  visitor,
  app,
}) => {
  const place = async (name: string, months: (typeof demoPlaces)[number]) => {
    const answer = await visitor.request.post(`${app.address}/api/places`, {
      data: { ...months, id: 'own-place', name },
    });
    return (await answer.json()) as Place;
  };
  const indoors = demoPlaces.find(({ setting }) => setting === 'indoor')!;
  const outdoors = demoPlaces.find(({ setting }) => setting === 'outdoor')!;
  await place('the sill', indoors);
  const fig = await place('the fig tree', outdoors);
  await visitor.goto(`${app.address}/places`);
  await visitor.getByRole('link', { name: 'Outside for the summer' }).click();
  await visitor.getByLabel('At home it stands').selectOption('the sill');
  await visitor.getByLabel('It goes to').selectOption('the fig tree');
  await visitor.getByLabel('From: month').selectOption('June');
  await visitor.getByLabel('From: day').selectOption('1');
  // What was begun is still there after a reload.
  await visitor.reload();
  await expect(visitor.getByText(/From 1 June to .*: the fig tree\. Otherwise: the sill\./)).toBeVisible();
  await visitor.getByLabel('Name', { exact: true }).fill('sill and fig');
  await visitor.getByRole('button', { name: 'Save and use it' }).click();
  await waitForPlan(visitor);
  await expect(visitor.getByText('sill and fig').first()).toBeVisible();
  const kept = async () => {
    const answer = await visitor.request.get(`${app.address}/api/places`);
    const { places } = (await answer.json()) as { readonly places: readonly Place[] };
    return places.find(({ name }) => name === 'sill and fig')!;
  };
  expect((await kept()).months[6]!.day).toEqual(outdoors.months[6]!.day);
  expect((await kept()).months[0]).toEqual(indoors.months[0]);
  const wetter = outdoors.months.map((month) => ({ ...month, rainMm: 222 }));
  await visitor.request.put(`${app.address}/api/places/${fig.id}`, {
    data: { ...fig, months: wetter },
    headers: { 'if-match': '"1"' },
  });
  expect((await kept()).months[6]!.rainMm).toBe(222);
  await visitor.goto(`${app.address}/places`);
  await visitor.getByRole('button', { name: /sill and fig/ }).click();
  await visitor.getByRole('button', { name: 'Change it' }).click();
  await expect(visitor.getByLabel('From: month')).toHaveValue('6');
});
