'use client';

/** A map begins from a pattern: how the leads run, and how many shoots there are. What was drawn before gives way. */
import { MinusOutlined, PlusOutlined } from '@ant-design/icons';
import { frontDirections, type PlantInHand } from '@core';
import { Button } from '../../../controls/button';
import { Choice } from '../../../controls/choice';
import { answer } from '../state/actions';
import { useCase } from '../state/case-store';
import styles from './from-above.module.css';

const runs = frontDirections.map((value) => ({ value, label: value }));
const MOST_SHOOTS = 40;

export function BeginFrom({ plant }: { readonly plant: Pick<PlantInHand, 'frontsRun' | 'shootCount'> }) {
  const begin = (change: object) => answer({ growthMap: undefined, ...change });
  const answers = useCase((state) => state.answers);
  // What was just said shows at once; the plant on the plan follows.
  const isSaid = answers.growthMap === undefined;
  const frontsRun = (isSaid && frontDirections.find((run) => run === answers.frontsRun)) || plant.frontsRun;
  const shootCount = isSaid && typeof answers.shootCount === 'number' ? answers.shootCount : plant.shootCount;
  return (
    <div className={styles.begin}>
      <Choice
        label="How its leads run"
        options={runs}
        value={frontsRun}
        onChange={(run) => begin({ frontsRun: run, shootCount, fronts: undefined })}
      />
      <div className={styles.count} role="group" aria-label="Shoots">
        <Button
          aria-label="One shoot less"
          icon={<MinusOutlined />}
          disabled={shootCount <= 1}
          onClick={() => begin({ shootCount: shootCount - 1 })}
        />
        <output aria-live="polite">{shootCount}</output>
        <Button
          aria-label="One shoot more"
          icon={<PlusOutlined />}
          disabled={shootCount >= MOST_SHOOTS}
          onClick={() => begin({ shootCount: shootCount + 1 })}
        />
      </div>
    </div>
  );
}
