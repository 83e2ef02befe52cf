import { readFileSync } from 'node:fs';
import { colors } from './tokens';

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

test.each([
  ['ink', 'ground'],
  ['inkSoft', 'ground'],
  ['inkSoft', 'paper'],
  ['moss', 'raised'],
  ['moss', 'ground'],
  ['clay', 'paper'],
  ['clay', 'clayPale'],
  ['water', 'paper'],
  ['straw', 'paper'],
  ['bad', 'ground'],
  ['raised', 'moss'],
] as const)('%s on %s reaches 4.5 to 1 (WCAG AA)', (text, ground) => {
  expect(contrast(colors[text], colors[ground])).toBeGreaterThanOrEqual(4.5);
});

test('the style sheet holds the same colours as the tokens', () => {
  const css = readFileSync('ui/theme/base.css', 'utf8');
  for (const [name, value] of Object.entries(colors)) {
    const variable = name.replace(/[A-Z]/g, (letter) => `-${letter.toLowerCase()}`);
    expect(css).toContain(`--${variable}: ${value};`);
  }
});
