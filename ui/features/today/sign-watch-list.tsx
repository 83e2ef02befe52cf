'use client';

/** Plants that wait for a sign: which sign, when to look, what waiting risks, and one touch for what was found. */
import { CheckOutlined, ClockCircleOutlined, WarningOutlined } from '@ant-design/icons';
import dayjs from 'dayjs';
import { PageLink } from '../../controls/page-link';
import {
  daysToCheck,
  genusById,
  genusIds,
  questionVersions,
  readQuestion,
  resolveCase,
  restMonthsOf,
  upgraded,
  questionSchemas,
} from '@core';
import { wordSignWatch, whatYouFound, checkOnDay } from '@core/words';
import type { SignAnswer } from '@server/records/journal/entry-schemas';
import type { SignWatch, WatchedPlant } from '@server/projections/sign-watch/schemas';
import { Button } from '../../controls/button';
import { dayOfYear, daysOn, today } from '../../data/dates';
import { messages } from '../../data/messages';
import { useSaveSignCheck, useSignWatch } from '../../data/plants';
import { useKeep } from '../../data/use-keep';
import styles from './today.module.css';
import { newId } from '../../data/browser/new-id';

/** Its case as it is asked now; null where this program cannot read it. */
function caseOf({ lastCase, caseVersion }: WatchedPlant) {
  const current = upgraded(lastCase, caseVersion, questionVersions);
  if (current.status !== 'ok') return null;
  const read = readQuestion(questionSchemas().plan, { ...(current.value as object), version: questionVersions.newest });
  return read.status === 'ok' ? read.value : null;
}

/** The next look, by the season of its place; a place that is gone has none. */
function nextLook(plant: WatchedPlant): string {
  const planCase = caseOf(plant);
  const resolved = planCase ? resolveCase(planCase) : null;
  const rest = resolved ? restMonthsOf(resolved.plant.genus, resolved.place) : [];
  return daysOn(daysToCheck(plant, rest, dayOfYear(dayjs())));
}

const told: Readonly<Record<Exclude<SignAnswer, 'waiting'>, string>> = {
  seen: 'The sign is there: do it now',
  'not yet': 'It goes on waiting',
  'gone worse': 'Then do not wait: look it over',
};

export function SignWatchList({ first }: { readonly first: SignWatch }) {
  const { plants } = useSignWatch(first);
  if (plants.length === 0) return null;
  return (
    <section aria-label="Waiting for a sign">
      <h2>Waiting for a sign</h2>
      <ul className={styles.waits}>
        {plants.map((plant) => (
          <WaitingLine key={plant.plantId} plant={plant} />
        ))}
      </ul>
    </section>
  );
}

function WaitingLine({ plant }: { readonly plant: WatchedPlant }) {
  const { plantId, name, genusId, sign, risk, lookOn, since, looks } = plant;
  const saving = useSaveSignCheck();
  const keepIt = useKeep();
  const { until, risk: riskText } = wordSignWatch(sign, risk);
  const isDue = lookOn <= today();
  const answer = async (found: Exclude<SignAnswer, 'waiting'>) => {
    const planCase = caseOf(plant);
    if (!planCase) return messages.error('This program cannot read what was said of the plant.');
    const form = {
      plantId,
      plantName: name,
      planCase,
      lookedOn: today(),
      sign,
      risk,
      answer: found,
      lookOn: found === 'not yet' ? nextLook(plant) : null,
      idempotencyKey: newId(),
    };
    const outcome = await keepIt(() => saving.mutateAsync(form));
    if (outcome.status === 'refused') return messages.error(outcome.message);
    return messages.success(
      <span>
        {told[found]}: <a href={`/plants/${plantId}`}>{name}</a>
      </span>,
    );
  };
  return (
    <li className={styles.waitsFor} data-due={isDue ? '' : undefined}>
      <div>
        <PageLink href={`/plants/${plantId}`} className={styles.waitsName}>
          <strong>{name}</strong>
        </PageLink>{' '}
        <span className="latin">{genusIds.includes(genusId) ? genusById(genusId).name : genusId}</span>
        <p>
          Until {until}. {riskText}
        </p>
        <p className={styles.last}>
          {isDue ? 'Look today' : checkOnDay(dayjs(lookOn).format('D MMMM'))}; it waits since{' '}
          {dayjs(since).format('D MMM YYYY')}
          {looks > 0 ? `, looked ${looks === 1 ? 'once' : `${looks} times`}` : ''}
        </p>
      </div>
      <div className={styles.found} role="group" aria-label={whatYouFound(name)}>
        <Button icon={<CheckOutlined />} isBusy={saving.isPending} onClick={() => void answer('seen')}>
          Seen
        </Button>
        <Button icon={<ClockCircleOutlined />} isBusy={saving.isPending} onClick={() => void answer('not yet')}>
          Not yet
        </Button>
        <Button icon={<WarningOutlined />} isBusy={saving.isPending} onClick={() => void answer('gone worse')}>
          Gone worse
        </Button>
      </div>
    </li>
  );
}
