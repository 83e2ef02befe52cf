/**
 * What has cost growers such plants: each is a word that a rule, the size, the timing or the first care acts on. What
 * no part of the program acts on is not there (a test walks them).
 */
export const traps = [
  'drops its roots when wet',
  'husk rots its roots',
  'wants stone',
  'likes a tight pot',
  'stale medium ends it',
  'moss on top rots its shoots',
  'shallow vessel',
  'top-heavy',
  'pendent spikes',
  'spikes grow down',
  'roots die back every year',
  'soft shoots rot',
  'leave it alone',
  'basket roots',
  'climbs out of its pot',
  'old bulbs stay wrinkled',
  'mealybugs in its sheaths',
  'soak, not mist',
  'hollow moss only',
  'needs a post',
  'coarse clean pieces',
  'roots hate being bent',
  'hungry in growth',
  'divide seldom',
] as const;
export type Trap = (typeof traps)[number];
