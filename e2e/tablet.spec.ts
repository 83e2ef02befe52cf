import { expect, setGenus, test, waitForPlan } from './server';

for (const [name, viewport] of [
  ['upright', { width: 820, height: 1180 }],
  ['on its side', { width: 1180, height: 820 }],
] as const) {
  test.describe(`a tablet ${name}`, () => {
    test.use({ viewport, hasTouch: true });

    test('nothing sticks out sideways, and what is touched is large enough', async ({ bench }) => {
      const outside = await bench.evaluate(() => document.documentElement.scrollWidth - window.innerWidth);
      expect(outside).toBeLessThanOrEqual(0);
      for (const button of [
        bench.getByRole('button', { name: 'Potted it' }),
        bench.getByRole('button', { name: 'What if…' }),
        bench.getByTestId('setup').first(),
      ]) {
        const box = (await button.boundingBox())!;
        expect(Math.min(box.width, box.height)).toBeGreaterThanOrEqual(40);
      }
    });
  });
}

test.describe('a tablet upright, by touch', () => {
  test.use({ viewport: { width: 820, height: 1180 }, hasTouch: true });

  test('the sentence first, then the drawing, then the shelf; a touch takes another setup', async ({ bench }) => {
    const tops = await Promise.all(
      [
        bench.getByRole('region', { name: 'Your plant, place and time' }),
        bench.getByRole('region', { name: 'The chosen setup' }),
        bench.getByRole('region', { name: 'Setups, best first' }),
      ].map(async (part) => (await part.boundingBox())!.y),
    );
    expect([...tops].sort((a, b) => a - b)).toEqual(tops);

    const heading = bench.getByRole('heading', { level: 1 });
    const before = await heading.innerText();
    await bench.getByTestId('setup').nth(1).tap();
    await expect(heading).not.toHaveText(before);
    await setGenus(bench, 'vanda', 'Vanda');
    await waitForPlan(bench);
  });
});
