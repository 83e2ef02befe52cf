/**
 * Where growers disagree. Each question has sides a grower can take; left open, the house side holds,
 * with its reason. Rules name the sides that hold them. All common practice, no source.
 */
export interface SchoolSide {
  readonly id: string;
  readonly name: string;
  readonly argument: string;
}

export interface School {
  readonly id: SchoolId;
  readonly question: string;
  readonly sides: readonly SchoolSide[];
  readonly houseSide: string;
  readonly houseReason: string;
}

export const schoolIds = ['medium', 'top', 'holes', 'steps', 'mounts', 'after-cutting', 'peroxide'] as const;
export type SchoolId = (typeof schoolIds)[number];

export const schools: readonly School[] = [
  {
    id: 'medium',
    question: 'Organic or inorganic?',
    sides: [
      { id: 'computed', name: 'Whichever suits', argument: 'Let plant, air and time decide case by case.' },
      {
        id: 'organic',
        name: 'Organic only',
        argument: 'Light, cheap, forgiving of a missed watering, and it feeds a little.',
      },
      {
        id: 'inorganic',
        name: 'Inorganic only',
        argument: 'It does not rot, so the ball is never torn apart again and a generous pot does no harm.',
      },
    ],
    houseSide: 'computed',
    houseReason: 'Either dries well somewhere; the year in your own air says which.',
  },
  {
    id: 'top',
    question: 'What goes on top?',
    sides: [
      { id: 'bare', name: 'Nothing', argument: 'New roots and rot are seen at once, and the top dries.' },
      {
        id: 'pebbles',
        name: 'Pebbles',
        argument: 'They do not wick: moisture stays in, algae stay away, the collar stays dry, the pot stands firm.',
      },
      { id: 'lava', name: 'Lava pieces', argument: 'They hold wayward roots down where the air is dry.' },
      { id: 'moss', name: 'Moss', argument: 'It keeps young roots damp in dry homes and on plants that climb out.' },
    ],
    houseSide: 'bare',
    houseReason: 'A bare top can be read by eye, and lush moss has smothered many a small shoot.',
  },
  {
    id: 'holes',
    question: 'Holes in the wall?',
    sides: [
      { id: 'where-damp', name: 'Where it is damp and still', argument: 'Organic media in damp still air need them.' },
      { id: 'always', name: 'Always', argument: 'More air never drowned a root.' },
      { id: 'never', name: 'Never', argument: 'Roots grow into slots and break; hot moving air dries enough.' },
    ],
    houseSide: 'where-damp',
    houseReason: 'Moist inorganic media and moving air do without; organic ones in still damp air do not.',
  },
  {
    id: 'steps',
    question: 'One big pot or small steps?',
    sides: [
      {
        id: 'by-medium',
        name: 'As the medium allows',
        argument: 'The smallest for two years in organic, generous in inorganic.',
      },
      {
        id: 'small-steps',
        name: 'Small steps',
        argument: 'One size up each time: the mix dries evenly round the ball.',
      },
      { id: 'one-big', name: 'One bigger pot now', argument: 'Every repot costs roots: do it once for four years.' },
    ],
    houseSide: 'by-medium',
    houseReason: 'Unrooted organic mix stays wet and rots; unrooted stone does not.',
  },
  {
    id: 'mounts',
    question: 'Mounts?',
    sides: [
      { id: 'count-work', name: 'If the work is worth it', argument: 'They suit some roots best and cost daily care.' },
      { id: 'welcome', name: 'Gladly', argument: 'The daily round is the pleasure; roots in the open do not rot.' },
      { id: 'refused', name: 'No mounts', argument: 'One forgotten hot weekend undoes years.' },
    ],
    houseSide: 'count-work',
    houseReason: 'The work is real, so it costs points; it does not forbid.',
  },
  {
    id: 'after-cutting',
    question: 'Roots cut: dry spell or water at once?',
    sides: [
      {
        id: 'by-plant',
        name: 'As the plant bears it',
        argument: 'Those that hate drought are watered; the others wait some days.',
      },
      { id: 'dry-spell', name: 'Dry spell', argument: 'Cuts close before water brings rot to them.' },
      { id: 'at-once', name: 'Water at once', argument: 'What is left of the roots must not dry as well.' },
    ],
    houseSide: 'by-plant',
    houseReason: 'Drought kills fine roots faster than rot does, rot thick ones faster than drought.',
  },
  {
    id: 'peroxide',
    question: 'Peroxide on the roots?',
    sides: [
      {
        id: 'where-rot',
        name: 'Only where rot or pests',
        argument: 'It cleans crevices; sound roots need no cleaning.',
      },
      { id: 'always', name: 'At every repotting', argument: 'What is not seen is cleaned too.' },
      { id: 'never', name: 'Never', argument: 'It harms the helpful life on roots as well.' },
    ],
    houseSide: 'where-rot',
    houseReason: 'It is a remedy, not a routine.',
  },
];

export type SchoolChoices = Readonly<Partial<Record<SchoolId, string>>>;
/** A side for every question. */
export type Stance = Readonly<Record<SchoolId, string>>;

export function schoolById(id: SchoolId): School {
  return schools.find((school) => school.id === id)!;
}

/** The grower's sides, with the house's where they left a question open. */
export function stanceOf(choices: SchoolChoices): Stance {
  return Object.fromEntries(
    schools.map((school) => [school.id, choices[school.id] ?? school.houseSide]),
  ) as unknown as Stance;
}
