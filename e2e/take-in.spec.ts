/** A grower's own list taken in: recognised, asked where it is unsure, kept whole, undone as one. */
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
  await visitor.getByRole('link', { name: 'Take in a list…' }).click();
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
  await visitor.getByRole('button', { name: 'Take in 4 plants' }).click();
  await expect(visitor.getByText('4 plants are on record.')).toBeVisible();

  await visitor.getByLabel('Find a plant').fill('Evening Lantern');
  await visitor
    .getByRole('link', { name: /Evening Lantern/ })
    .first()
    .click();
  await expect(visitor.getByText('Pot colour: blue')).toBeVisible();
  await expect(visitor.getByText(/3 Apr 2021/).first()).toBeVisible();

  // The same list once more: who is here already is told, and left alone.
  await visitor.goto(`${app.address}/plants/take-in`);
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

test('what is no list says why', async ({ visitor, app }) => {
  await visitor.goto(`${app.address}/plants/take-in`);
  await visitor.getByLabel('Or paste it').fill('Colour,Size\nred,3');
  await visitor.getByRole('button', { name: 'Read what I pasted' }).click();
  await expect(visitor.getByRole('alert').filter({ hasText: 'No column' })).toContainText(
    'Give one the heading “Name” or “Genus”.',
  );
  await visitor.getByRole('button', { name: 'Another list' }).click();
  await expect(visitor.getByLabel('Choose the file')).toBeVisible();
});
