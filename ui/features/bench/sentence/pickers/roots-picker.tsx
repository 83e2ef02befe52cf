'use client';

/** How thick the roots are: a number, or the thing that looks as thick, at its true size on this screen. */
import { number } from '@core/words';
import { Field } from '../../../../controls/field';
import { UnitNumber } from '../../../../controls/unit-number';
import { answer } from '../../state/actions';
import { useCase } from '../../state/case-store';
import { usePlanned } from '../../state/plan-store';
import { useFaultAt } from '../../state/worded';
import { RootThickness } from '../../questions/root-thickness';
import { ScreenSize } from '../../questions/screen-size';
import styles from '../../questions/pickers.module.css';

export function RootsPicker() {
  const value = useCase((state) => state.answers.rootDiameterMm);
  const plan = usePlanned((state) => state.plan);
  const faultAt = useFaultAt();
  const usual = plan ? `usually ${number(plan.resolved.plant.rootDiameterMm, 1)}` : undefined;
  return (
    <div className={styles.column}>
      <Field id="root" label="Root thickness" fault={faultAt('rootDiameterMm')}>
        <UnitNumber
          id="root"
          value={value}
          placeholder={usual}
          suffix="mm"
          step={0.5}
          hasFault={faultAt('rootDiameterMm') !== null}
          onChange={(rootDiameterMm) => answer({ rootDiameterMm })}
        />
      </Field>
      <p className={styles.hint}>Or hold a root to the screen: touch what is as thick.</p>
      <RootThickness
        value={typeof value === 'number' ? value : null}
        onPick={(rootDiameterMm) => answer({ rootDiameterMm })}
      />
      <ScreenSize />
    </div>
  );
}
