import { allRules } from '../../decide/rules';
import { schoolById, schoolIds, schools, stanceOf } from './schools';

test('every question has sides, a house side among them, and a reason for it', () => {
  expect(schools.map((school) => school.id)).toEqual([...schoolIds]);
  for (const school of schools) {
    expect(school.question).toMatch(/\?$/);
    expect(school.sides.length).toBeGreaterThanOrEqual(2);
    expect(school.sides.map((side) => side.id)).toContain(school.houseSide);
    expect(school.houseReason).toMatch(/\.$/);
    for (const side of school.sides) expect(side.argument).toMatch(/\.$/);
    expect(new Set(school.sides.map((side) => side.id)).size).toBe(school.sides.length);
  }
});

test('what is left open falls to the house, what is chosen stays chosen', () => {
  const open = stanceOf({});
  for (const school of schools) expect(open[school.id]).toBe(school.houseSide);
  expect(stanceOf({ steps: 'one-big' })).toEqual({ ...open, steps: 'one-big' });
  expect(schoolById('mounts').question).toBe('Mounts?');
});

test('rules name only sides that exist, and most questions move some rule', () => {
  const moved = new Set<string>();
  for (const rule of allRules) {
    for (const [schoolId, sides] of Object.entries(rule.schools)) {
      const school = schools.find((entry) => entry.id === schoolId)!;
      moved.add(schoolId);
      for (const side of sides ?? []) expect(school.sides.map((entry) => entry.id)).toContain(side);
    }
  }
  // Roots cut is answered by the aftercare, the others by rules.
  for (const id of ['medium', 'top', 'holes', 'steps', 'mounts', 'peroxide']) expect(moved).toContain(id);
});
