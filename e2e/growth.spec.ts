/** Where it will grow: the pot from above, another size, a plant moved, and the plant drawn. */
import { expect, openMore, setGenus, test, waitForPlan } from './server';

test.beforeEach(async ({ bench }) => {
  await setGenus(bench, 'zygopetalum', 'Zygopetalum');
  await expect(bench.locator('[data-phrase="genus"]')).toContainText('Zygopetalum');
  await waitForPlan(bench);
});

test('from above: years inside the rim; another size lasts otherwise, a moved plant less long', async ({ bench }) => {
  await bench.keyboard.press('g');
  const above = bench.getByRole('region', { name: 'From above' });
  await expect(above.getByText(/^About .* years inside the rim/)).toBeVisible();
  const chances = above.getByRole('list', { name: 'Chance that it is still inside the rim' }).getByRole('listitem');
  await expect(chances).toHaveCount(4);
  const sizes = above.getByRole('list', { name: 'How long other sizes last' }).getByRole('button');
  const shown = sizes.and(bench.locator('[aria-pressed="true"]'));
  const before = (await shown.innerText()).split('\n')[0]!;
  const wider = (await sizes.last().innerText()).split('\n')[0]!;
  await sizes.last().click();
  await expect(bench.getByRole('heading', { level: 1 })).toContainText(wider);
  await expect(shown).toContainText(wider);
  await bench.getByRole('button', { name: 'Undo' }).click();
  await expect(shown).toContainText(before);

  const plant = above.getByRole('button', { name: /^Move the plant/ });
  await plant.focus();
  for (let k = 0; k < 6; k += 1) await bench.keyboard.press('ArrowRight');
  await expect(above.getByText(/less than it could be/)).toBeVisible();
  await above.getByRole('button', { name: 'Back to where it stands best' }).click();
  await expect(above.getByText(/^About .* inside the rim/)).toBeVisible();
  await bench.getByRole('button', { name: /Days$/ }).click();
  await expect(above).toHaveCount(0);
});

test('a plant dragged to the front wall is at the rim at once', async ({ bench }) => {
  await bench.keyboard.press('g');
  const mover = bench.locator('[data-part="mover"]');
  const box = (await mover.boundingBox())!;
  const from = { x: box.x + box.width / 2, y: box.y + box.height / 2 };
  await bench.mouse.move(from.x, from.y);
  await bench.mouse.down();
  await bench.mouse.move(from.x + 60, from.y, { steps: 5 });
  await bench.mouse.move(from.x + 140, from.y, { steps: 5 });
  await bench.mouse.up();
  await expect(bench.getByText(/^At the rim from the first day/)).toBeVisible();
});

test('the plant is drawn with keys alone, is there after a reload, and can be as usual again', async ({ bench }) => {
  await bench.keyboard.press('g');
  await bench.getByRole('button', { name: 'Draw it' }).press('Enter');
  const sheet = bench.getByRole('region', { name: 'Draw the plant from above' });
  await sheet.getByRole('button', { name: 'Put down a lead' }).press('Enter');
  const lead = sheet.getByRole('button', { name: 'Lead 2', exact: true });
  await lead.focus();
  for (const key of ['ArrowUp', 'ArrowUp', 'ArrowUp', ',', '.', ',']) await bench.keyboard.press(key);
  const phrase = bench.getByRole('button', { name: /5 shoots as drawn/ });
  await expect(phrase).toBeVisible();

  await bench.reload();
  await waitForPlan(bench);
  await expect(phrase).toBeVisible();
  await bench.keyboard.press('g');
  await bench.getByRole('button', { name: 'Draw it' }).press('Enter');
  await expect(lead).toBeVisible();
  await lead.focus();
  await bench.keyboard.press('Delete');
  await expect(bench.getByRole('button', { name: /4 shoots as drawn/ })).toBeVisible();
  await sheet.getByRole('button', { name: 'Undo' }).press('Enter');
  await expect(phrase).toBeVisible();
  await sheet.getByRole('button', { name: 'As usual' }).press('Enter');
  await expect(bench.getByText(/as drawn/)).toHaveCount(0);
  await sheet.getByRole('button', { name: 'Done' }).press('Enter');
  await expect(bench.getByText(/^About .* inside the rim/)).toBeVisible();
});

test('the sheet is found under and… and in the picker of sizes; a touch puts a shoot down', async ({ bench }) => {
  await openMore(bench, 'growth map');
  const sheet = bench.locator('[data-part="map-sheet"]');
  const box = (await sheet.boundingBox())!;
  await bench.mouse.click(box.x + box.width / 2, box.y + box.height * 0.2);
  await expect(bench.getByRole('button', { name: /5 shoots as drawn/ })).toBeVisible();
  await bench.getByRole('button', { name: /Days$/ }).click();
  await expect(sheet).toHaveCount(0);
  await bench.locator('[data-phrase="size"]').click();
  await bench.getByRole('button', { name: 'Draw it from above' }).click();
  await expect(sheet).toBeVisible();
});

test('the sheet begins from a pattern and a count; a lead’s arrow is dragged to where it heads', async ({ bench }) => {
  await bench.keyboard.press('g');
  await bench.getByRole('button', { name: 'Draw it' }).click();
  await bench.getByRole('button', { name: 'Begin from a pattern' }).click();
  await bench.getByText('two ways', { exact: true }).click();
  await expect(bench.getByRole('button', { name: /^Lead/ })).toHaveCount(2);
  const before = await bench.getByRole('button', { name: /^(Lead|Bulb)/ }).count();
  await bench.getByRole('button', { name: 'One shoot more' }).click();
  await expect(bench.getByRole('button', { name: /^(Lead|Bulb)/ })).toHaveCount(before + 1);
  await bench.getByLabel('How it grows', { exact: true }).selectOption('clump');
  await bench.getByText('all round', { exact: true }).click();
  await expect(bench.getByRole('button', { name: /^Lead/ })).toHaveCount(3);
  await bench.getByRole('button', { name: 'Done', exact: true }).click();
  await bench.getByRole('button', { name: 'It stands so' }).click();
  await expect(bench.locator('[data-phrase="size"]')).toContainText('as drawn');

  const lead = bench.getByRole('button', { name: 'Lead 1', exact: true });
  const arrow = (await lead.locator('[data-part="heading"]').boundingBox())!;
  const shoot = (await lead.locator('circle').first().boundingBox())!;
  await bench.mouse.move(arrow.x + arrow.width / 2, arrow.y + arrow.height / 2);
  await bench.mouse.down();
  await bench.mouse.move(shoot.x + shoot.width / 2, shoot.y - 60, { steps: 5 });
  await bench.mouse.up();
  const after = (await lead.locator('[data-part="heading"]').boundingBox())!;
  expect(after.y + after.height / 2).toBeLessThan(shoot.y + shoot.height / 2 - 10);
  expect(Math.abs(after.x + after.width / 2 - (shoot.x + shoot.width / 2))).toBeLessThan(6);
  await bench.getByRole('button', { name: 'Undo' }).first().click();
  const undone = (await lead.locator('[data-part="heading"]').boundingBox())!;
  expect(Math.abs(undone.y - arrow.y)).toBeLessThan(3);
});
