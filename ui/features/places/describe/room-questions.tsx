'use client';

/** What makes one room differ from another of its kind: only what changes something for this kind is asked. */
import type { ReactNode } from 'react';
import {
  type Aspect,
  aspects,
  heatings,
  kindTraits,
  type LampStrength,
  lampStrengths,
  ranges,
  type RoomDescription,
  type RoomHeating,
  type Shade,
  shades,
} from '@core';
import { aspectWords, heatingWords, lampWords, shadeWords } from '@core/words';
import { Choice } from '../../../controls/choice';
import { NumberField } from '../../../controls/number-field';
import type { PlaceDraft } from '../place-draft';
import styles from './describe.module.css';

interface RoomQuestionsProps {
  readonly room: RoomDescription;
  readonly onSaid: (said: PlaceDraft['said']) => void;
}

const optionsOf = <V extends string>(values: readonly V[], words: Readonly<Record<V, string>>) =>
  values.map((value) => ({ value, label: words[value] }));
const yesNo = [
  { value: 'no', label: 'No' },
  { value: 'yes', label: 'Yes' },
] as const;

function Row({ label, children }: { readonly label: string; readonly children: ReactNode }) {
  return (
    <div className={styles.row}>
      <span aria-hidden="true">{label}</span>
      {children}
    </div>
  );
}

interface YesNoProps {
  readonly label: string;
  readonly value: boolean;
  readonly onChange: (value: boolean) => void;
}

function YesNo({ label, value, onChange }: YesNoProps) {
  return (
    <Row label={label}>
      <Choice
        label={label}
        options={yesNo}
        value={value ? 'yes' : 'no'}
        onChange={(said) => onChange(said === 'yes')}
      />
    </Row>
  );
}

export function RoomQuestions({ room, onSaid }: RoomQuestionsProps) {
  const traits = kindTraits[room.kind];
  const isGlass = room.kind === 'glasshouse';
  return (
    <div className={styles.rows}>
      {traits.hasWindow ? (
        <Row label={traits.isOutdoors ? 'Its open side looks' : 'The window looks'}>
          <Choice
            label="Which way it looks"
            options={optionsOf<Aspect>(aspects, aspectWords)}
            value={room.aspect}
            onChange={(aspect) => onSaid({ aspect })}
          />
        </Row>
      ) : null}
      {traits.hasLamps ? (
        <LampQuestions room={room} onSaid={onSaid} />
      ) : (
        <Row label="Trees or houses before it">
          <Choice
            label="What stands before it"
            options={optionsOf<Shade>(shades, shadeWords)}
            value={room.shade}
            onChange={(shade) => onSaid({ shade })}
          />
        </Row>
      )}
      {traits.hasWindow && !traits.isOutdoors ? (
        <YesNo label="Net curtain or blind" value={room.hasCurtain} onChange={(hasCurtain) => onSaid({ hasCurtain })} />
      ) : null}
      {isGlass ? (
        <YesNo label="No shading" value={room.hasCurtain} onChange={(hasCurtain) => onSaid({ hasCurtain })} />
      ) : null}
      {traits.isHeated ? (
        <Row label="Heated in the cold">
          <Choice
            label="Heated in the cold"
            options={optionsOf<RoomHeating>(heatings, heatingWords)}
            value={room.heating}
            onChange={(heating) => onSaid({ heating })}
          />
        </Row>
      ) : null}
      {traits.isHeated && !isGlass ? (
        <YesNo label="Cooled in the heat" value={room.isCooled} onChange={(isCooled) => onSaid({ isCooled })} />
      ) : null}
      <YesNo
        label={traits.isOutdoors ? 'Windy' : 'A fan moves the air'}
        value={room.hasMovingAir}
        onChange={(hasMovingAir) => onSaid({ hasMovingAir })}
      />
      {traits.isOutdoors || isGlass ? null : (
        <>
          <YesNo
            label="Many plants, or much washing and cooking"
            value={room.hasManyPlants}
            onChange={(hasManyPlants) => onSaid({ hasManyPlants })}
          />
          <YesNo
            label="Humidifier"
            value={room.hasHumidifier}
            onChange={(hasHumidifier) => onSaid({ hasHumidifier })}
          />
        </>
      )}
    </div>
  );
}

function LampQuestions({ room, onSaid }: RoomQuestionsProps) {
  return (
    <>
      <Row label="The lamps are">
        <Choice
          label="Strength of the lamps"
          options={optionsOf<LampStrength>(lampStrengths, lampWords)}
          value={room.lampStrength}
          onChange={(lampStrength) => onSaid({ lampStrength })}
        />
      </Row>
      <NumberField
        label="Hours of light a day"
        value={room.lampHours}
        step={0.5}
        range={ranges.lightHours}
        onChange={(lampHours) => onSaid({ lampHours })}
      />
    </>
  );
}
