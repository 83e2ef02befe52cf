import { readFileSync } from 'node:fs';
import { palettes, variableOf, type Scheme } from './palette';

const schemes = Object.keys(palettes) as Scheme[];

/** Relative luminance and contrast ratio: WCAG 2.2, definitions. */
function luminance(hex: string): number {
  const channels = [1, 3, 5].map((at) => parseInt(hex.slice(at, at + 2), 16) / 255);
  const [r, g, b] = channels.map((value) => (value <= 0.04045 ? value / 12.92 : ((value + 0.055) / 1.055) ** 2.4));
  return 0.2126 * r! + 0.7152 * g! + 0.0722 * b!;
}

function contrast(a: string, b: string): number {
  const [light, dark] = [luminance(a), luminance(b)].sort((x, y) => y - x);
  return (light! + 0.05) / (dark! + 0.05);
}

test('black on white is 21 to 1 (WCAG reference)', () => {
  expect(contrast('#000000', '#ffffff')).toBeCloseTo(21, 5);
});

describe.each(schemes)('%s', (scheme) => {
  const colors = palettes[scheme];

  test.each([
    ['ink', 'ground'],
    ['ink', 'strawPale'],
    ['ink', 'waterPale'],
    ['inkSoft', 'ground'],
    ['inkSoft', 'paper'],
    ['inkSoft', 'raised'],
    ['inkSoft', 'trough'],
    ['moss', 'raised'],
    ['moss', 'ground'],
    ['moss', 'mossPale'],
    ['clay', 'paper'],
    ['clay', 'clayPale'],
    ['water', 'paper'],
    ['water', 'waterPale'],
    ['straw', 'paper'],
    ['straw', 'strawPale'],
    ['bad', 'ground'],
    ['onInk', 'ink'],
    ['onInk', 'moss'],
    ['onInk', 'water'],
    ['onInk', 'straw'],
    ['onInk', 'clay'],
  ] as const)('%s on %s reaches 4.5 to 1 (WCAG 2.2, 1.4.3)', (text, ground) => {
    expect(contrast(colors[text], colors[ground])).toBeGreaterThanOrEqual(4.5);
  });

  test.each([
    ['border', 'raised'],
    ['water', 'rail'],
    ['moss', 'ground'],
  ] as const)('the edge %s on %s reaches 3 to 1 (WCAG 2.2, 1.4.11)', (edge, ground) => {
    expect(contrast(colors[edge], colors[ground])).toBeGreaterThanOrEqual(3);
  });

  test('the style sheet holds the same colours', () => {
    const css = readFileSync('ui/theme/base.css', 'utf8');
    const start = scheme === 'dark' ? css.indexOf('prefers-color-scheme: dark') : 0;
    const block = css.slice(start, css.indexOf('}', start));
    for (const [name, value] of Object.entries(colors)) expect(block).toContain(`${variableOf(name)}: ${value};`);
  });
});
