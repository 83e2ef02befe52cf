'use client';

/** For whoever comes back: what changed, the season in each place, and what the record says by now. */
import dayjs from 'dayjs';
import { PageLink } from '../../controls/page-link';
import { demoPlaces, dryingPowerMmPerDay, mediumById, type Place, yearDrying } from '@core';
import { monthNames, number, years, usuallyLasts, soundSoFar, hardAsIn, inTwoWeeks } from '@core/words';
import type { Insights } from '@server/projections/insights/schemas';
import type { EventKind } from '@server/records/journal/schemas';
import { useGrowersPlaces } from '../../data/places';
import { useInsights } from '../../data/insights';
import styles from './today.module.css';

const doneWords: Readonly<Record<EventKind, string>> = {
  planned: 'planned',
  potted: 'potted',
  inspected: 'looked over',
  looked: 'looked at for a sign',
  watered: 'watered',
  felt: 'felt with a finger',
  fed: 'fed',
  flushed: 'flushed',
  bloomed: 'in bud or bloom',
  treated: 'treated',
  moved: 'moved',
  weighed: 'weighed',
  noted: 'noted',
  'put off': 'put off',
  grew: 'growth noted',
  left: 'left',
  divided: 'divided',
  nursed: 'nursed after potting',
};

export function Lately() {
  const learned = useInsights();
  if (!learned) return null;
  return (
    <>
      <div className={styles.columns}>
        <Changed learned={learned} />
        <Season learned={learned} />
      </div>
      <Record learned={learned} />
    </>
  );
}

function Changed({ learned: { lately } }: { readonly learned: Insights }) {
  if (lately.newest.length === 0) return <div />;
  return (
    <section aria-label="What changed">
      <h2>What changed</h2>
      <p>
        {lately.counts.length === 0
          ? 'Nothing in the last two weeks. Before that:'
          : inTwoWeeks(lately.counts.map(({ kind, plants }) => `${plants} ${doneWords[kind]}`).join(', '))}
      </p>
      <ul className={styles.changed}>
        {lately.newest.map(({ plantId, plantName, kind, on }, n) => (
          <li key={n}>
            <span>{dayjs(on).format('D MMM')}</span> <PageLink href={`/plants/${plantId}`}>{plantName}</PageLink>{' '}
            {doneWords[kind]}
          </li>
        ))}
      </ul>
    </section>
  );
}

const MOST_PLACES = 5;
const MONTHS = 12;

/** How hard each place dries month by month, this month marked. */
function Season({ learned: { stands, today } }: { readonly learned: Insights }) {
  const own = useGrowersPlaces().map(({ place }) => place);
  const byKey = new Map<string, Place>([...demoPlaces, ...own].map((place) => [place.id, place]));
  const shown = stands.flatMap(({ placeKey }) => byKey.get(placeKey) ?? []).slice(0, MOST_PLACES);
  if (shown.length === 0) return <div />;
  const month = Number(today.slice(5, 7)) - 1;
  const powers = shown.map((place) => yearDrying(place).map(dryingPowerMmPerDay));
  const most = Math.max(...powers.flat());
  return (
    <section aria-label="The season">
      <h2>{monthNames[month]}, place by place</h2>
      <ul className={styles.seasons}>
        {shown.map((place, n) => (
          <li key={place.id}>
            <strong>{place.name}</strong>
            <Bars powers={powers[n]!} most={most} month={month} />
            <span>{seasonText(powers[n]!, month)}</span>
          </li>
        ))}
      </ul>
    </section>
  );
}

const BAR_PX = 30;

function Bars({
  powers,
  most,
  month,
}: {
  readonly powers: readonly number[];
  readonly most: number;
  readonly month: number;
}) {
  return (
    <span className={styles.bars} aria-hidden="true">
      {powers.map((power, n) => (
        <i key={n} data-now={n === month ? '' : undefined} style={{ height: 3 + (BAR_PX * power) / most }} />
      ))}
    </span>
  );
}

const SAME = 0.1;

/** This month beside the next, and beside the hardest. */
function seasonText(powers: readonly number[], month: number): string {
  const now = powers[month]!;
  const next = powers[(month + 1) % MONTHS]!;
  const hardest = powers.indexOf(Math.max(...powers));
  const turn =
    Math.abs(next / now - 1) < SAME
      ? 'much the same next month'
      : next > now
        ? 'pots dry sooner next month'
        : 'pots dry slower next month';
  const share = now / powers[hardest]!;
  const asHard = hardAsIn(share > 1 - SAME / 2 ? null : share, monthNames[hardest]!);
  const beside = hardest === month ? 'the hardest month' : `dries ${asHard}`;
  return `${beside}, ${turn}`;
}

/** What this grower's own record says by now. */
function Record({ learned: { media, places, took } }: { readonly learned: Insights }) {
  const isAny = media.length > 0 || took.length > 0 || places.some(({ died }) => died > 0);
  if (!isAny) return null;
  return (
    <section aria-label="What your record says">
      <h2>What your record says</h2>
      <div className={styles.columns}>
        {media.length > 0 ? <Media media={media} /> : <div />}
        <Losses places={places} />
      </div>
      <Took took={took} />
    </section>
  );
}

function Media({ media }: { readonly media: Insights['media'] }) {
  const most = Math.max(...media.map(({ usualYears, longestSoundYears }) => usualYears ?? longestSoundYears));
  return (
    <table className={styles.record}>
      <caption>How long media last in your hands</caption>
      <tbody>
        {media.map(({ mediumId, beds, wentBad, usualYears, longestSoundYears }) => {
          const reach = usualYears ?? longestSoundYears;
          return (
            <tr key={mediumId}>
              <th scope="row">{mediumById(mediumId).name}</th>
              <td>
                <span
                  className={styles.reach}
                  data-open={usualYears === null ? '' : undefined}
                  style={{ width: `${(100 * reach) / most}%` }}
                />
                {usualYears === null
                  ? soundSoFar(years(longestSoundYears), wentBad, beds)
                  : usuallyLasts(years(usualYears), wentBad, beds)}
              </td>
            </tr>
          );
        })}
      </tbody>
    </table>
  );
}

/** Fewer than these say nothing of a medium. */
const LEAST_JUDGED = 3;

function Took({ took }: { readonly took: Insights['took'] }) {
  if (took.length === 0) return null;
  return (
    <table className={styles.record}>
      <caption>What held, when you tugged at it</caption>
      <tbody>
        {took.map(({ mediumId, placeName, judged, held }) => (
          <tr key={`${mediumId} ${placeName}`}>
            <th scope="row">
              {mediumById(mediumId).name}
              {placeName ? `, ${placeName}` : ''}
            </th>
            <td>
              <span className={styles.reach} style={{ width: `${(100 * held) / judged}%` }} />
              {held} of {judged}
              {judged < LEAST_JUDGED ? ': too few to tell' : ''}
            </td>
          </tr>
        ))}
      </tbody>
    </table>
  );
}

const verdictWords: Readonly<Record<Insights['places'][number]['verdict'], string>> = {
  'too few to tell': 'too few to tell',
  many: 'more than elsewhere',
  few: 'fewer than elsewhere',
  'as elsewhere': 'as elsewhere',
};

function Losses({ places }: { readonly places: Insights['places'] }) {
  const most = Math.max(0.1, ...places.map(({ perTenYears }) => perTenYears));
  return (
    <table className={styles.record}>
      <caption>Where plants die</caption>
      <tbody>
        {places.map(({ placeName, died, plantYears, perTenYears, verdict }) => (
          <tr key={placeName}>
            <th scope="row">{placeName || 'No place said'}</th>
            <td>
              <span className={styles.reach} data-loss="" style={{ width: `${(100 * perTenYears) / most}%` }} />
              {died} in {number(plantYears, 0)} plant-years: {verdictWords[verdict]}
            </td>
          </tr>
        ))}
      </tbody>
    </table>
  );
}
