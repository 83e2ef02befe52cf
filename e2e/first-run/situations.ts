/** New growers in homes of their own: where they live, where the plant stands, what it is. */
export interface Situation {
  /** As it is typed. */
  readonly town: string;
  /** What the list then offers. */
  readonly offered: RegExp;
  readonly kind: string;
  /** Answers of the room, by what is asked and what is said; none is needed. */
  readonly said: readonly (readonly [question: string, answer: string])[];
  readonly humidityNow: number | null;
  /** Typed, and the kind that is chosen then. */
  readonly genus: readonly [typed: string, chosen: string];
}

export const situations: readonly Situation[] = [
  {
    town: 'Gothenburg',
    offered: /Göteborg Sweden/,
    kind: 'Windowsill',
    said: [['Which way it looks', 'East']],
    humidityNow: 34,
    genus: ['phal', 'Phalaenopsis'],
  },
  {
    town: 'Curitba',
    offered: /Curitiba/,
    kind: 'Veranda',
    said: [],
    humidityNow: null,
    genus: ['cattl', 'Cattleya'],
  },
  {
    town: 'Chiang Mai',
    offered: /^Chiang Mai Thailand/,
    kind: 'Garden',
    said: [['What stands before it', 'Some shade']],
    humidityNow: null,
    genus: ['vanda', 'Vanda'],
  },
  {
    town: 'Minneapolis',
    offered: /Minneapolis MN/,
    kind: 'Lamp shelf',
    said: [['Strength of the lamps', 'Strong']],
    humidityNow: 30,
    genus: ['paph', 'Paphiopedilum'],
  },
  {
    town: 'Wellington, New Zealand',
    offered: /Wellington/,
    kind: 'Glasshouse',
    said: [['Heated in the cold', 'A little']],
    humidityNow: null,
    genus: ['cymb', 'Cymbidium'],
  },
  {
    town: 'Nairobi',
    offered: /Nairobi Kenya/,
    kind: 'Balcony',
    said: [],
    humidityNow: 61,
    genus: ['oncid', 'Oncidium'],
  },
];
