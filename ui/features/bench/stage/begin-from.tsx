'use client';

/** A map begins from a pattern: how the leads run, and how many shoots there are. What was drawn before gives way. */
import { MinusOutlined, PlusOutlined } from '@ant-design/icons';
import { type LeadDirection, leadDirections, growthHabits, type PlantInHand } from '@core';
import { Button } from '../../../controls/button';
import { Choice } from '../../../controls/choice';
import { answer } from '../state/actions';
import { useCase } from '../state/case-store';
import styles from './from-above.module.css';

const runs = leadDirections.map((value) => ({ value, label: value }));
const MOST_SHOOTS = 40;

type Pattern = Pick<PlantInHand, 'frontsRun' | 'shootCount' | 'habit'>;

/** What was just said shows at once; the plant on the plan follows. */
function usePattern(plant: Pattern): Pattern {
  const answers = useCase((state) => state.answers);
  if (answers.growthMap !== undefined) return plant;
  return {
    habit: growthHabits.find((habit) => habit === answers.habit) ?? plant.habit,
    frontsRun: leadDirections.find((run) => run === answers.frontsRun) ?? plant.frontsRun,
    shootCount: typeof answers.shootCount === 'number' ? answers.shootCount : plant.shootCount,
  };
}

const begin = (change: object) => answer({ growthMap: undefined, ...change });

export function LeadsRun({ plant }: { readonly plant: Pattern }) {
  const { frontsRun, shootCount } = usePattern(plant);
  return (
    <Choice
      label="How its leads run"
      options={runs}
      value={frontsRun}
      onChange={(run: LeadDirection) => begin({ frontsRun: run, shootCount, fronts: undefined })}
    />
  );
}

export function ShootCount({ plant }: { readonly plant: Pattern }) {
  const { shootCount, habit } = usePattern(plant);
  return (
    <div role="group" aria-label="Shoots" className={styles.count}>
      <output aria-live="polite">
        {shootCount} {shootCount === 1 ? 'shoot' : 'shoots'}
      </output>
      <div className={styles.moves}>
        <Button
          aria-label="One shoot less"
          icon={<MinusOutlined />}
          disabled={shootCount <= 1}
          onClick={() => begin({ shootCount: shootCount - 1 })}
        />
        <Button
          aria-label="One shoot more"
          icon={<PlusOutlined />}
          disabled={shootCount >= MOST_SHOOTS}
          onClick={() => begin({ shootCount: shootCount + 1 })}
        />
      </div>
      <select aria-label="How it grows" value={habit} onChange={(event) => begin({ habit: event.target.value })}>
        {growthHabits.map((one) => (
          <option key={one} value={one}>
            {one}
          </option>
        ))}
      </select>
    </div>
  );
}
