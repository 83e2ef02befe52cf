/** The whole job, from the plant to its log, by one way only: the keyboard, a finger, the ear. */
import { expect, test, waitForPlan } from './server';

test('by keyboard', async ({ bench, app }) => {
  await bench.keyboard.press('/');
  await expect(bench.getByRole('combobox', { name: 'Which orchid' })).toBeFocused();
  await bench.keyboard.type('masdev');
  await bench.keyboard.press('Enter');
  // The picker closes, and the focus is where it came from.
  await expect(bench.locator('[data-phrase="genus"]')).toHaveText('Masdevallia and Dracula');
  await expect(bench.locator('[data-phrase="genus"]')).toBeFocused();
  await bench.keyboard.press('Tab');
  await expect(bench.locator('[data-phrase="roots"]')).toBeFocused();
  await bench.keyboard.press('Enter');
  await expect(bench.getByLabel('Root thickness')).toBeFocused();
  await bench.keyboard.type('0.8');
  await bench.keyboard.press('Escape');
  await expect(bench.locator('[data-phrase="roots"]')).toHaveText('roots 0.8 mm');
  await expect(bench.locator('[data-phrase="roots"]')).toBeFocused();
  await waitForPlan(bench);
  await bench.getByTestId('setup').nth(1).focus();
  await bench.keyboard.press('2');
  await expect(bench.getByTestId('setup').nth(1)).toHaveAttribute('aria-pressed', 'true');
  await bench.keyboard.press('ArrowRight');
  await expect(bench.getByTestId('reading')).toContainText('Day 0.3');
  await bench.keyboard.press('p');
  const name = bench.getByLabel('Name on the tag');
  await name.focus();
  await bench.keyboard.press('Control+a');
  await bench.keyboard.type('Keyboard Masdevallia');
  await bench.getByRole('button', { name: 'Keep it' }).focus();
  await bench.keyboard.press('Enter');
  await expect(bench.getByText('Kept in the log of')).toBeVisible();
  await bench.goto(`${app.address}/plants?search=keyboard`);
  await expect(bench.getByRole('link', { name: /Keyboard Masdevallia/ })).toBeVisible();
});

test.describe('on a phone', () => {
  test.use({ viewport: { width: 390, height: 844 }, hasTouch: true });

  test('by touch: nothing is typed, nothing is hovered', async ({ bench }) => {
    const phrase = (id: string) => bench.locator(`[data-phrase="${id}"]`);
    const tapDone = () => bench.getByRole('button', { name: 'Done', exact: true }).tap();

    await phrase('genus').tap();
    await bench
      .getByRole('option', { name: /Paphiopedilum/ })
      .first()
      .tap();
    await expect(phrase('genus')).toHaveText(/Paphiopedilum/);

    await phrase('roots').tap();
    await bench.getByRole('button', { name: /charging cable/ }).tap();
    await tapDone();
    await expect(phrase('roots')).toHaveText('roots 3.5 mm');

    await phrase('shows').tap();
    await bench.getByRole('button', { name: 'new root tips just showing' }).tap();
    await tapDone();

    await phrase('place').tap();
    await bench.getByRole('radio', { name: /Soapstone bathroom/ }).tap();
    await expect(phrase('place')).toHaveText('Soapstone bathroom');

    await phrase('watering').tap();
    await bench.getByRole('button', { name: 'every 10 days' }).tap();
    await tapDone();
    await waitForPlan(bench);

    // Sentence, answer, drawing and days are on the first screen.
    for (const part of [
      phrase('genus'),
      bench.getByRole('heading', { level: 1 }),
      bench.locator('[data-part="section"]'),
      bench.getByRole('slider', { name: 'Hours after watering' }),
    ]) {
      const box = (await part.boundingBox())!;
      expect(box.y + box.height).toBeLessThanOrEqual(844);
    }

    await bench.getByTestId('setup').nth(1).tap();
    await expect(bench.getByTestId('setup').nth(1)).toHaveAttribute('aria-pressed', 'true');
    await bench.getByText('Mix', { exact: true }).tap();
    await expect(bench.getByRole('region', { name: 'Mix' })).toContainText('take');
    await bench.getByRole('button', { name: 'Potted it' }).tap();
    await bench.getByRole('button', { name: 'Keep it' }).tap();
    await bench.getByRole('link', { name: /Paphiopedilum/ }).tap();
    await expect(bench.getByRole('heading', { level: 1 })).toHaveText(/Paphiopedilum/);
    await bench.getByRole('button', { name: 'Open on the bench' }).tap();
    await waitForPlan(bench);
    await expect(phrase('roots')).toHaveText('roots 3.5 mm');
  });
});

test('by ear: every step has a role and a name, and what changes is said', async ({ bench }) => {
  // What is said, as a reader meets it.
  const sentence = bench.getByRole('region', { name: 'Your plant, place and time' });
  const stage = bench.getByRole('region', { name: 'The chosen setup' });
  const answer = stage.locator('[aria-live="polite"]').filter({ has: bench.getByRole('heading', { level: 1 }) });
  const before = await answer.innerText();

  await sentence.getByRole('button', { name: /^Which orchid: Phalaenopsis/ }).click();
  const picker = bench.getByRole('dialog', { name: 'Which orchid' });
  await picker.getByRole('combobox', { name: 'Which orchid' }).fill('Oncidium');
  await picker
    .getByRole('option', { name: /Oncidium/ })
    .first()
    .click();
  await sentence.getByRole('button', { name: /^How thick are its roots: .*, assumed$/ }).click();
  await bench.getByRole('spinbutton', { name: 'Root thickness' }).fill('1.5');
  await bench.getByRole('dialog').getByRole('button', { name: 'Done' }).click();
  await expect(sentence.getByRole('button', { name: 'How thick are its roots: roots 1.5 mm' })).toBeVisible();
  await waitForPlan(bench);

  // The answer changes where a reader hears of it; the drawings say in words what they show.
  await expect(answer).not.toHaveText(before);
  await expect(
    stage.getByRole('group', { name: /^Section of the pot, to scale\. .*from the bottom: .*water is left/ }),
  ).toBeVisible();
  await expect(stage.getByRole('img', { name: /^From above/ })).toBeVisible();
  await expect(stage.getByRole('img', { name: /^Water left: day 0 \d+ %, .*Water again at \d+ %/ })).toBeVisible();
  await expect(stage.getByRole('group', { name: 'Days between waterings by month' }).getByRole('button')).toHaveCount(
    12,
  );
  const surface = stage.getByRole('slider', { name: 'Surface of the medium' });
  await expect(surface).toHaveAttribute('aria-valuetext', /cm above the base/);

  const setups = bench.getByRole('region', { name: 'Setups, best first' });
  await expect(setups.getByRole('button', { pressed: true })).toHaveCount(1);
  const details = bench.getByRole('region', { name: 'About this setup' });
  await details.getByRole('radio', { name: 'After' }).press('Space');
  await expect(details.getByRole('heading', { name: 'The first weeks' })).toBeVisible();

  // A wrong value is told at once, with its range.
  await sentence.getByRole('button', { name: /^How thick are its roots/ }).click();
  await bench.getByRole('spinbutton', { name: 'Root thickness' }).fill('90');
  await expect(bench.getByRole('alert').filter({ hasText: 'Root thickness' }).first()).toContainText('between');
});
