/** Whether the place suits the plant, in sentences. */
import type { BetterPlace, FitCause, FitVerdict, MonthFit, PlaceFit } from '../advise';
import { capital, joinAnd, monthNames, number, percent, temperature, type WordUnits } from './phrasing/format';

const headlines: Readonly<Record<FitVerdict, (place: string) => string>> = {
  suits: (place) => `${place} suits it`,
  'with care': (place) => `${place} suits it with care`,
  'does not suit': (place) => `${place} does not suit it`,
};

/** month: " in July", or nothing where the light of the year decides. */
function causeWords(cause: FitCause, month: string, units: WordUnits): string {
  switch (cause.code) {
    case 'hot days':
      return `Days${month} are ${temperature(cause.thereC, units)}; it wants them up to ${temperature(cause.wantedC, units)}.`;
    case 'hot nights':
      return `Nights${month} are ${temperature(cause.thereC, units)}; it wants them down to ${temperature(cause.wantedC, units)}.`;
    case 'cold':
      return `It goes down to ${temperature(cause.thereC, units)}${month}; it wants ${temperature(cause.wantedC, units)} at least.`;
    case 'no winter':
      return `Its coldest month there is ${temperature(cause.thereC, units)}; it needs a winter of about ${temperature(cause.wantedC, units)} or less.`;
    case 'dry air':
      return `The air${month} holds ${percent(cause.therePct / 100)} humidity; it wants about ${percent(cause.wantedPct / 100)}.`;
    case 'too dark':
      return `In its bright months it gets about ${number(cause.thereMol, 1)} mol/m² of light a day; it wants ${number(cause.wantedMol, 0)} at least.`;
    case 'too bright':
      return `In its bright months it gets about ${number(cause.thereMol, 0)} mol/m² of light a day; it bears ${number(cause.wantedMol, 0)}.`;
  }
}

const helpWords: Readonly<Record<FitCause['code'], string>> = {
  'hot days': 'Shade and moving air at midday, and an unglazed clay pot, take two or three degrees off.',
  'hot nights': 'Open a window at night where that is cooler; an unglazed clay pot takes two or three degrees off.',
  cold: 'Bring it into a warmer room for those months.',
  'no winter': 'Let it sleep in an unheated, frost-safe place from autumn to spring.',
  'dry air': 'A humidifier, or a tray of wet pebbles among other plants, helps.',
  'too dark': 'A lamp over it for twelve hours a day makes up for that.',
  'too bright': 'Shade it with cloth, or stand it behind others.',
};

const marks: Readonly<Record<FitCause['code'], string>> = {
  'hot days': 'too hot',
  'hot nights': 'hot nights',
  cold: 'too cold',
  'no winter': 'no winter',
  'dry air': 'dry air',
  'too dark': 'too dark',
  'too bright': 'too bright',
};

/** What a month of the place lacks, in two words; empty where it suits. */
export function placeMark({ verdict, cause }: MonthFit): string {
  return verdict === 'suits' ? '' : marks[cause.code];
}

export interface PlaceFitAnswer extends PlaceFit {
  readonly headline: string;
  /** What decides, and what helps; empty where all suits. */
  readonly sentence: string;
}

/** places: of the grower's own or of the book, that suit it better; they are named before any other remedy. */
export function wordPlaceFit(
  fit: PlaceFit,
  placeName: string,
  places: readonly BetterPlace[],
  units: WordUnits,
): PlaceFitAnswer {
  const { cause, worstMonth, verdict } = fit;
  const headline = headlines[verdict](capital(placeName));
  if (cause === null) return { ...fit, headline, sentence: '' };
  const month = worstMonth === null ? '' : ` in ${monthNames[worstMonth]!}`;
  const better = places.filter((place) => place.verdict === places[0]!.verdict).map(({ name }) => name);
  const move =
    better.length === 0
      ? []
      : [
          `${capital(joinAnd(better))} ${better.length === 1 ? 'suits' : 'suit'} it ${places[0]!.verdict === 'suits' ? 'better' : 'with care'}.`,
        ];
  return { ...fit, headline, sentence: [causeWords(cause, month, units), ...move, helpWords[cause.code]].join(' ') };
}
