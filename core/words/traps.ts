/** What has cost growers such plants, in a sentence each. */
import type { Genus, Trap } from '../catalogue/genera';

const trapWords: Readonly<Record<Trap, string>> = {
  'drops its roots when wet': 'It lets go of its roots when it stays wet.',
  'husk rots its roots': 'Coconut husk rots its roots.',
  'wants stone': 'It wants stone and sun, and sulks in wet bark.',
  'likes a tight pot': 'It likes a tight pot and flowers best in one.',
  'stale medium ends it': 'A stale medium ends it.',
  'moss on top rots its shoots': 'Lush moss on top rots its shoots.',
  'shallow vessel': 'Its roots wander near the surface: a shallow vessel suits it.',
  'top-heavy': 'It grows top-heavy: a small pot needs stones or a stake.',
  'pendent spikes': 'Its spikes hang down and want room below the rim.',
  'spikes grow down': 'Its spikes grow down through the medium: an open basket.',
  'roots die back every year': 'Its roots die back every year: pot it afresh while it sleeps.',
  'soft shoots rot': 'Water in a soft new shoot rots it.',
  'leave it alone': 'It takes years to forgive a disturbance: leave it alone while the medium lasts.',
  'basket roots': 'Some of its roots stand upright to catch leaves: leave them.',
  'climbs out of its pot': 'It climbs out of its pot as it grows.',
  'old bulbs stay wrinkled': 'Wrinkled old bulbs may never fill again.',
  'mealybugs in its sheaths': 'Mealybugs hide in its dry sheaths.',
  'soak, not mist': 'Misting alone is not enough: it wants soaking.',
  'hollow moss only': 'In moss only as a hollow mound that is dry by the next watering.',
  'needs a post': 'It needs a post to climb.',
  'coarse clean pieces': 'It wants cool roots in coarse, clean pieces.',
  'roots hate being bent': 'Its long roots hate being bent into a pot.',
  'hungry in growth': 'It is hungry while it grows.',
  'divide seldom': 'Divide it seldom: one plant left whole blooms better.',
};

/** Of a grower's own genus, their own words come last. */
export function trapSentences({ traps, trap }: Pick<Genus, 'traps' | 'trap'>): readonly string[] {
  const own = trap === undefined || trap === '' ? [] : [trap];
  return [...traps.map((one) => trapWords[one]), ...own];
}
