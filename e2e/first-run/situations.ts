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
  {
    town: 'Toronto',
    offered: /^Toronto Canada/,
    kind: 'Room',
    said: [],
    humidityNow: 28,
    genus: ['moth orchid', 'Phalaenopsis'],
  },
  {
    town: 'Sao Paulo',
    offered: /^São Paulo Brazil/,
    kind: 'Balcony',
    said: [['Which way it looks', 'North']],
    humidityNow: null,
    genus: ['brassavola', 'Brassavola'],
  },
  {
    town: 'Cape Town',
    offered: /Cape Town South Africa/,
    kind: 'Windowsill',
    said: [['Which way it looks', 'North']],
    humidityNow: 48,
    genus: ['masdevalia', 'Masdevallia'],
  },
  {
    town: 'Singapore',
    offered: /^Singapore Singapore/,
    kind: 'Balcony',
    said: [['What stands before it', 'Some shade']],
    humidityNow: null,
    genus: ['Dendrobium bigibbum', 'Dendrobium'],
  },
  {
    town: 'Berlin',
    offered: /^Berlin Germany/,
    kind: 'Bathroom',
    said: [],
    humidityNow: 62,
    genus: ['miltoniopsis', 'Miltoniopsis'],
  },
  {
    town: 'Lisbon',
    offered: /Lisbon Portugal/,
    kind: 'Veranda',
    said: [],
    humidityNow: null,
    genus: ['zygopetalum', 'Zygopetalum'],
  },
  {
    town: 'Honolulu',
    offered: /^Honolulu/,
    kind: 'Garden',
    said: [['What stands before it', 'Some shade']],
    humidityNow: null,
    genus: ['oncidium', 'Oncidium'],
  },
  {
    town: 'Bogota',
    offered: /Bogotá Colombia/,
    kind: 'Windowsill',
    said: [],
    humidityNow: null,
    genus: ['Masdevallia veitchiana', 'Masdevallia'],
  },
  {
    town: 'Kyoto',
    offered: /^Kyoto Japan/,
    kind: 'Room',
    said: [['Cooled in the heat', 'Yes']],
    humidityNow: 45,
    genus: ['neofinetia', 'Neofinetia'],
  },
  {
    town: 'Melbourne',
    offered: /^Melbourne Australia/,
    kind: 'Glasshouse',
    said: [['Heated in the cold', 'Not heated']],
    humidityNow: null,
    genus: ['cymbidium', 'Cymbidium'],
  },
  {
    town: 'Mumbai',
    offered: /^Mumbai India/,
    kind: 'Windowsill',
    said: [['Which way it looks', 'East']],
    humidityNow: 70,
    genus: ['vanda', 'Vanda'],
  },
  {
    town: 'Quito',
    offered: /^Quito Ecuador/,
    kind: 'Lamp shelf',
    said: [],
    humidityNow: 55,
    genus: ['bulbophyllum', 'Bulbophyllum'],
  },
  {
    town: 'Phoenix',
    offered: /^Phoenix AZ|^Phoenix United States/,
    kind: 'Cellar',
    said: [],
    humidityNow: 18,
    genus: ['paphiopedilum', 'Paphiopedilum'],
  },
  {
    town: 'Warsaw',
    offered: /Warsaw Poland/,
    kind: 'Windowsill',
    said: [['Net curtain or blind', 'Yes']],
    humidityNow: 38,
    genus: ['angraecum', 'Angraecum'],
  },
];
