/** A step of a running potting day, from the touch to the next thing on the big control. The day is made for this and put away. */
import { randomUUID } from 'node:crypto';
import type { Page } from '@playwright/test';

const PLANTS = 6;

const setup = {
  approach: 'organic pot',
  vessel: { kind: 'pot', potKindId: 'plastic-round', rimDiameterCm: 12 },
  layers: [{ role: 'main', mix: [{ mediumId: 'bark-6-12', parts: 1 }], heightCm: 8 }],
};
const planCase = { genus: 'oncidium', place: 'heated-flat' };

async function makeDay(address: string): Promise<string> {
  const { plants } = (await (await fetch(`${address}/api/plants?limit=${PLANTS}`)).json()) as {
    readonly plants: readonly { readonly id: string; readonly name: string }[];
  };
  const id = randomUUID();
  const asked = plants.map((plant) => ({ id: plant.id, name: plant.name, case: planCase, setup }));
  const answer = await fetch(`${address}/api/days/${id}`, {
    method: 'PUT',
    headers: { 'content-type': 'application/json', origin: address },
    body: JSON.stringify({ on: '2027-03-06', hours: 6, plants: asked }),
  });
  if (!answer.ok) throw new Error(`the day was not kept: ${answer.status}`);
  return id;
}

/** Milliseconds of each step of as many plants as are gone through without potting them. */
export async function dayStepsMs(page: Page, address: string): Promise<readonly number[]> {
  const id = await makeDay(address);
  try {
    await page.goto(`${address}/days/${id}/run`);
    await page.locator('[data-whole]').waitFor({ timeout: 60_000 });
    const big = page.locator('[data-part="big"]');
    await big.click();
    await page.locator('[data-part="big"]', { hasText: 'Take' }).click();
    await page.locator('[data-part="big"]', { hasText: 'Done' }).waitFor();
    const times: number[] = [];
    while ((await big.innerText()).startsWith('Done')) {
      times.push(
        await page.evaluate(async () => {
          const control = document.querySelector<HTMLElement>('[data-part="big"]')!;
          const before = control.innerText;
          const start = performance.now();
          control.click();
          while (control.innerText === before) await new Promise((resolve) => requestAnimationFrame(resolve));
          return performance.now() - start;
        }),
      );
      await page.waitForTimeout(400);
    }
    return times;
  } finally {
    await fetch(`${address}/api/days/${id}`, { method: 'DELETE', headers: { origin: address } });
  }
}
