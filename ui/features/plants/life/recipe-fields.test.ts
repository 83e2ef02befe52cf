import { pottedSchema } from '@server/records/journal/schemas';
import { recipeFields, saidOf } from './recipe-fields';
import { detailsOf } from './said-fields';

const line = {
  layer: 'main',
  mediumId: 'bark-6-12',
  name: 'Conifer bark 6–12 mm',
  smallMm: 6,
  largeMm: 12,
  parts: 1,
  takeL: 0.8,
} as const;
const recipe = [
  line,
  { ...line, layer: 'crocking', mediumId: 'pumice-8-16', name: 'Pumice 8–16 mm', takeL: 0.2 } as const,
];

test('the litres that were changed are put into the whole recipe', () => {
  const { fields, toDetails } = recipeFields({ recipe });
  const read = detailsOf(fields, saidOf({ recipe }), { 'line-0': '0,65' });
  if (read.status !== 'ok') throw new Error(read.message);
  const details = toDetails(read.details);
  expect(details).toEqual({ recipe: [{ ...line, takeL: 0.65 }, recipe[1]] });
  expect(pottedSchema.shape.recipe.safeParse(details.recipe)).toMatchObject({ success: true });
});

test('a line keeps an amount', () => {
  const { fields } = recipeFields({ recipe });
  expect(detailsOf(fields, saidOf({ recipe }), { 'line-1': '' })).toMatchObject({ status: 'fault' });
});
