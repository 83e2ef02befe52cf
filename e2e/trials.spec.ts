/** A trial: plants by lot on two sides, tugged at, and an answer that says when it cannot tell. */
import { randomUUID } from 'node:crypto';
import type { Page } from '@playwright/test';
import { expect, test } from './server';

async function plantsOf(page: Page, address: string, count: number): Promise<readonly string[]> {
  const ids: string[] = [];
  for (let n = 0; n < count; n += 1) {
    const data = {
      facts: { name: `Trial plant ${n + 1}` },
      happenedOn: '2026-01-01',
      planCase: { genus: 'oncidium', place: 'heated-flat' },
      idempotencyKey: randomUUID(),
    };
    const answer = await page.request.post(`${address}/api/plants`, { data, headers: { origin: address } });
    ids.push(((await answer.json()) as { id: string }).id);
  }
  return ids;
}

async function looked(page: Page, address: string, plantId: string, liveRootsPct: number): Promise<void> {
  const data = {
    plantId,
    plantName: 'x',
    planCase: { genus: 'oncidium', place: 'heated-flat' },
    inspectedOn: new Date().toISOString().slice(0, 10),
    inspection: { liveRootsPct },
    idempotencyKey: randomUUID(),
  };
  const answer = await page.request.post(`${address}/api/inspections`, { data, headers: { origin: address } });
  expect(answer.status()).toBe(201);
}

interface Trials {
  readonly trials: readonly {
    readonly data: { readonly name: string };
    readonly sides: readonly { readonly plants: readonly { readonly id: string }[] }[];
  }[];
}

test('set up by lot, followed, and told honestly; changed, deleted and brought back', async ({ visitor, app }) => {
  const ids = await plantsOf(visitor, app.address, 8);
  await visitor.goto(`${app.address}/trials?ids=${ids.join(',')}`);
  const form = visitor.getByRole('region', { name: 'A new trial' });
  await form.getByLabel('What is asked').fill('Bark against pumice');
  await form.getByLabel('Measure').selectOption({ label: 'Live roots' });
  await form.getByLabel(/^Side 1/).fill('Bark');
  await form.getByLabel(/^Side 2/).fill('Pumice');
  await form.getByRole('button', { name: 'Deal by lot' }).click();
  await expect(form.getByLabel('Side 1 (4)')).toBeVisible();
  await form.getByRole('button', { name: 'Keep it' }).click();
  const trial = visitor.getByRole('article', { name: 'Bark against pumice' });
  await expect(trial).toContainText('none of 4 looked at yet');
  await expect(trial).toContainText('Bark and Pumice: too few plants have been looked at to say anything.');
  await expect(trial).toContainText(/it takes 1\d plants on each side/);

  const { trials } = (await (await visitor.request.get(`${app.address}/api/trials`)).json()) as Trials;
  const { sides } = trials.find(({ data }) => data.name === 'Bark against pumice')!;
  const figures = [
    [70, 75, 80, 85],
    [78, 82, 86, 90],
  ];
  for (const [n, side] of sides.entries())
    for (const [k, { id }] of side.plants.entries()) await looked(visitor, app.address, id, figures[n]![k]!);
  await visitor.reload();
  await expect(trial).toContainText('The numbers cannot tell Bark from Pumice yet');
  await expect(trial).toContainText('78 %, of 4 of 4');

  // Far apart, it says so.
  for (const { id } of sides[1]!.plants) await looked(visitor, app.address, id, 98);
  await visitor.reload();
  await expect(trial).toContainText(/Pumice is ahead of Bark by 2\d %/);

  await trial.getByRole('button', { name: 'Change…' }).click();
  await visitor.getByRole('region', { name: 'Change the trial' }).getByLabel('Note').fill('watered alike');
  await visitor.getByRole('button', { name: 'Keep it' }).click();
  await expect(trial).toContainText('watered alike');
  await trial.getByRole('button', { name: 'Delete', exact: true }).click();
  await expect(trial).toHaveCount(0);
  await visitor.getByRole('button', { name: 'Undo' }).click();
  await expect(trial).toBeVisible();
});
