'use client';

/** What a grower knows: the plant, what it is in, where it stands, the time for watering. */
import { Select } from 'antd';
import { useState } from 'react';
import {
  cmToInch,
  demoPlaces,
  generaCatalogue,
  type Genus,
  growthHabits,
  inchToCm,
  mediaCatalogue,
  type Place,
  type PlanFacts,
  vesselCatalogue,
} from '@core';
import { number } from '@core/words';
import { useOwnPlaces } from '../../../data/places';
import { useUnits } from '../../../data/units-context';
import { useOwn } from '../../../data/own';
import { answer, startAnew } from '../state/actions';
import { useCase } from '../state/case-store';
import { usePlanned } from '../state/plan-store';
import { useFaultAt } from '../state/worded';
import { Field } from '../../../controls/field';
import { moreCount } from './more-count';
import { MoreDrawer } from './more-drawer';
import { RootThickness } from './root-thickness';
import { RoutineField } from './routine-field';
import { SignsField } from './signs-field';
import { UnitNumber } from '../../../controls/unit-number';
import styles from './questions.module.css';

const genusOptions = generaCatalogue.map((genus) => ({
  value: genus.id,
  label: genus.name,
  search: `${genus.name} ${genus.alsoCalled.join(' ')}`.toLowerCase(),
}));
const vesselOptions = vesselCatalogue.map((kind) => ({ value: kind.id, label: kind.name }));
const mediumOptions = mediaCatalogue.map((medium) => ({ value: medium.id, label: medium.name }));

function resolvedHint(plan: PlanFacts | null, pick: (found: PlanFacts) => string): string | undefined {
  return plan ? pick(plan) : undefined;
}

export function Questions() {
  const { units } = useUnits();
  const answers = useCase((state) => state.answers);
  const plan = usePlanned((state) => state.plan);
  const faultAt = useFaultAt();
  const current = (answers.current ?? {}) as {
    mediumId?: string;
    yearsInMedium?: number;
    vesselKind?: string;
    rimDiameterCm?: number;
  };
  const ownPlaces = useOwnPlaces().map(({ place: own }) => own);
  const ownGenera = useOwn('genus');
  const [isMore, setMore] = useState(false);
  const told = moreCount(answers);
  // An own place is sent whole; a demo place by its name.
  const given = answers.place as string | Place | undefined;
  const place = typeof given === 'object' ? given : demoPlaces.find((entry) => entry.id === given);
  // An own genus is sent whole, too.
  const givenGenus = answers.genus as string | Genus | undefined;
  const ownGenusOptions = ownGenera.map(({ id, data }) => ({
    value: id,
    label: data.name,
    search: `${data.name} ${data.alsoCalled.join(' ')}`.toLowerCase(),
  }));
  const genusKey =
    typeof givenGenus === 'object'
      ? (ownGenera.find((item) => item.data.name === givenGenus.name)?.id ?? givenGenus.name)
      : givenGenus;
  const placeOptions = [...ownPlaces, ...demoPlaces].map((entry) => ({ value: entry.id, label: entry.name }));
  if (place && !placeOptions.some((option) => option.value === place.id))
    placeOptions.push({ value: place.id, label: place.name });
  const isInch = units.length === 'inch';
  const patchCurrent = (change: object) => {
    const next = Object.fromEntries(
      Object.entries({ ...current, ...change }).filter(([, value]) => value !== undefined),
    );
    answer({ current: Object.keys(next).length > 0 ? next : undefined });
  };
  return (
    <form
      className={styles.questions}
      aria-label="Your plant, place and time"
      onSubmit={(event) => event.preventDefault()}
    >
      <Field id="genus" label="Genus" fault={faultAt('genus')}>
        <Select
          id="genus"
          showSearch={{ filterOption: (text, option) => (option?.search ?? '').includes(text.toLowerCase()) }}
          value={genusKey}
          options={[...ownGenusOptions, ...genusOptions]}
          onChange={(key) =>
            answer({
              genus: ownGenera.find((item) => item.id === key)?.data ?? key,
              genusOverrides: undefined,
              bulbs: undefined,
              liveRootsPct: undefined,
              signs: undefined,
              heightCm: undefined,
              leafAreaCm2: undefined,
              // What was measured on another plant does not carry over.
              rootDiameterMm: undefined,
              habit: undefined,
              shootCount: undefined,
              rootBallDiameterCm: undefined,
            })
          }
        />
      </Field>
      <Field id="root" label="Root thickness" fault={faultAt('rootDiameterMm')}>
        <UnitNumber
          id="root"
          value={answers.rootDiameterMm}
          placeholder={resolvedHint(plan, (found) => `usually ${number(found.resolved.plant.rootDiameterMm, 1)}`)}
          suffix="mm"
          step={0.5}
          hasFault={faultAt('rootDiameterMm') !== null}
          onChange={(rootDiameterMm) => answer({ rootDiameterMm })}
        />
        <RootThickness
          value={typeof answers.rootDiameterMm === 'number' ? answers.rootDiameterMm : null}
          onPick={(rootDiameterMm) => answer({ rootDiameterMm })}
        />
      </Field>
      <div className={styles.pair}>
        <Field id="habit" label="How it grows" fault={faultAt('habit')}>
          <Select
            id="habit"
            value={(answers.habit as string | undefined) ?? plan?.resolved.plant.habit}
            options={growthHabits.map((habit) => ({ value: habit, label: habit }))}
            onChange={(habit) => answer({ habit })}
          />
        </Field>
        <Field id="shoots" label="Shoots" fault={faultAt('shootCount')}>
          <UnitNumber
            id="shoots"
            value={answers.shootCount}
            placeholder={resolvedHint(plan, (found) => String(found.resolved.plant.shootCount))}
            suffix=""
            step={1}
            hasFault={faultAt('shootCount') !== null}
            onChange={(shootCount) => answer({ shootCount })}
          />
        </Field>
      </div>
      <div className={styles.pair}>
        <Field id="signs" label="It shows" fault={faultAt('signs')}>
          <SignsField />
        </Field>
        <Field id="ball" label="Root ball" fault={faultAt('rootBallDiameterCm')}>
          <UnitNumber
            id="ball"
            value={answers.rootBallDiameterCm}
            placeholder={resolvedHint(plan, (found) =>
              number(
                isInch ? cmToInch(found.resolved.plant.rootBallDiameterCm) : found.resolved.plant.rootBallDiameterCm,
                1,
              ),
            )}
            suffix={isInch ? 'in' : 'cm'}
            step={0.5}
            toShown={isInch ? cmToInch : undefined}
            toCore={isInch ? inchToCm : undefined}
            hasFault={faultAt('rootBallDiameterCm') !== null}
            onChange={(rootBallDiameterCm) => answer({ rootBallDiameterCm })}
          />
        </Field>
      </div>
      <div className={styles.pair}>
        <Field id="medium" label="In now" fault={faultAt('current.mediumId')}>
          <Select
            id="medium"
            allowClear
            showSearch={{ optionFilterProp: 'label' }}
            placeholder="unknown"
            value={current.mediumId}
            options={mediumOptions}
            popupMatchSelectWidth={false}
            onChange={(mediumId) => patchCurrent({ mediumId })}
          />
        </Field>
        <Field id="years" label="Since" fault={faultAt('current.yearsInMedium')}>
          <UnitNumber
            id="years"
            value={current.yearsInMedium}
            placeholder="?"
            suffix="years"
            step={0.5}
            hasFault={faultAt('current.yearsInMedium') !== null}
            onChange={(yearsInMedium) => patchCurrent({ yearsInMedium })}
          />
        </Field>
      </div>
      <div className={styles.pair}>
        <Field id="pot" label="Its pot now" fault={faultAt('current.vesselKind')}>
          <Select
            id="pot"
            allowClear
            placeholder="unknown"
            value={current.vesselKind}
            options={vesselOptions}
            popupMatchSelectWidth={false}
            onChange={(vesselKind) => patchCurrent({ vesselKind })}
          />
        </Field>
        <Field id="rim" label="Rim" fault={faultAt('current.rimDiameterCm')}>
          <UnitNumber
            id="rim"
            value={current.rimDiameterCm}
            placeholder="?"
            suffix={isInch ? 'in' : 'cm'}
            step={0.5}
            toShown={isInch ? cmToInch : undefined}
            toCore={isInch ? inchToCm : undefined}
            hasFault={faultAt('current.rimDiameterCm') !== null}
            onChange={(rimDiameterCm) => patchCurrent({ rimDiameterCm })}
          />
        </Field>
      </div>
      <Field id="place" label="Where it stands" fault={faultAt('place')}>
        <Select
          id="place"
          value={place?.id}
          options={placeOptions}
          onChange={(id) => answer({ place: ownPlaces.find((entry) => entry.id === id) ?? id })}
        />
        {place ? <p className={styles.hint}>{place.note}</p> : null}
      </Field>
      <Field id="routine-days" label="You water" fault={faultAt('routine')}>
        <RoutineField value={answers.routine} fault={faultAt('routine')} onChange={(routine) => answer({ routine })} />
      </Field>
      <div className={styles.last}>
        <button type="button" className={styles.more} onClick={() => setMore(true)}>
          More to say{told > 0 ? ` (${told})` : '…'}
        </button>
        <button type="button" className={styles.more} onClick={startAnew} title="Start with another plant">
          Start anew
        </button>
      </div>
      <MoreDrawer isOpen={isMore} onClose={() => setMore(false)} />
    </form>
  );
}
