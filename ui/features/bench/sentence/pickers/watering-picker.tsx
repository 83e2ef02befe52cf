'use client';

/** How often and how it is watered: a week to tap, or so many days. */
import { Field } from '../../../../controls/field';
import { RoutineField } from '../../questions/routine-field';
import { answer } from '../../state/actions';
import { useCase } from '../../state/case-store';
import { useFaultAt } from '../../state/worded';

export function WateringPicker() {
  const routine = useCase((state) => state.answers.routine);
  const fault = useFaultAt()('routine');
  return (
    <Field id="routine-days" label="You water" fault={fault}>
      <RoutineField value={routine} fault={fault} onChange={(next) => answer({ routine: next })} />
    </Field>
  );
}
