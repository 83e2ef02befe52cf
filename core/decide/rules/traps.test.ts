/** What the catalogue says of a genus in words must be something that acts. */
import { readdirSync, readFileSync } from 'node:fs';
import { join } from 'node:path';
import { generaCatalogue, type Trap, traps } from '../../catalogue/genera';
import type { PlanCase } from '../../case';
import { planCaseSchema, resolveCase } from '../../testing';
import { contextOf, factsOf, generateCandidates } from '../setups';
import { runRules } from './rule';
import { trapRules } from './traps';

function sourcesUnder(folder: string): readonly string[] {
  return readdirSync(folder, { withFileTypes: true }).flatMap((entry) => {
    const path = join(folder, entry.name);
    if (entry.isDirectory()) return sourcesUnder(path);
    return entry.name.endsWith('.ts') && !entry.name.endsWith('.test.ts') ? [readFileSync(path, 'utf8')] : [];
  });
}

test('each trap is read by something that decides or advises, and each is some genus’s', () => {
  const acting = [...sourcesUnder('core/decide'), ...sourcesUnder('core/advise')].join('\n');
  const used = new Set(generaCatalogue.flatMap((genus) => genus.traps.value));
  for (const trap of traps) {
    expect({ trap, acts: acting.includes(`'${trap}'`) }).toEqual({ trap, acts: true });
    expect({ trap, used: used.has(trap) }).toEqual({ trap, used: true });
  }
});

const spoken = (genus: PlanCase['genus'], change: Partial<PlanCase> = {}): ReadonlySet<string> => {
  const context = contextOf(
    resolveCase(planCaseSchema.parse({ genus, place: 'glasshouse', routine: { kind: 'every', days: 2 }, ...change })),
  );
  const specs = generateCandidates(context).filter((_, i) => i % 5 === 0);
  const said = new Set<string>();
  for (const spec of specs) {
    const input = { context, facts: factsOf(context, spec, 'coarse'), judgement: null };
    for (const { ruleId } of runRules(trapRules, input)) said.add(ruleId);
  }
  return said;
};

// Common practice, no source: what growers of each kind are warned of.
test.each<[string, Trap, string, Partial<PlanCase>?]>([
  ['stanhopea', 'spikes grow down', 'spikes-grow-down'],
  ['brassavola', 'husk rots its roots', 'husk-rots-its-roots'],
  ['laelia-rupicolous', 'wants stone', 'stone-for-rock-plants'],
  ['bulbophyllum', 'shallow vessel', 'shallow-for-shallow-roots'],
  ['bulbophyllum', 'shallow vessel', 'shallow-for-shallow-roots'],
  ['masdevallia', 'moss on top rots its shoots', 'moss-top-rots-shoots', { schools: { top: 'moss' } }],
  ['catasetum', 'roots die back every year', 'repot-every-year'],
  ['vanda', 'soak, not mist', 'soak-not-mist'],
  ['disa', 'stale medium ends it', 'renew-before-stale'],
  ['dendrobium-hardcane', 'top-heavy', 'stake-or-stones'],
  ['cymbidium-warm', 'pendent spikes', 'room-for-pendent-spikes'],
  ['vanilla', 'needs a post', 'give-it-a-post'],
  ['aerides', 'roots hate being bent', 'unbent-roots'],
  ['lycaste', 'soft shoots rot', 'keep-soft-shoots-dry'],
  ['maxillaria', 'mealybugs in its sheaths', 'pests-by-the-label'],
  ['maxillaria', 'old bulbs stay wrinkled', 'chain-bulbs-may-stay-wrinkled', { bulbs: 'wrinkled' }],
  ['neofinetia', 'hollow moss only', 'hollow-moss'],
  ['ansellia', 'basket roots', 'leave-basket-roots'],
  ['miltonia', 'climbs out of its pot', 'set-it-low'],
  ['miltoniopsis', 'leave it alone', 'lasting-mix-for-peace'],
])('%s (%s): %s speaks, and not of a moth orchid', (genus, trap, ruleId, change = {}) => {
  expect(generaCatalogue.find(({ id }) => id === genus)!.traps.value).toContain(trap);
  expect(spoken(genus, change)).toContain(ruleId);
  expect(spoken('phalaenopsis', change)).not.toContain(ruleId);
});
