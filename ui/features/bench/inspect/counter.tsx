'use client';

/** A number counted with the thumb. */
import { MinusOutlined, PlusOutlined } from '@ant-design/icons';
import { Button } from '../../../controls/button';
import styles from './inspect.module.css';

interface CounterProps {
  readonly label: string;
  readonly value: number | undefined;
  /** Where counting begins. */
  readonly from: number;
  readonly most: number;
  readonly onChange: (value: number | undefined) => void;
}

export function Counter({ label, value, from, most, onChange }: CounterProps) {
  return (
    <div role="group" aria-label={label}>
      <h3 className={styles.group}>{label}</h3>
      <div className={styles.counter}>
        <Button
          isLarge
          aria-label="One less"
          icon={<MinusOutlined />}
          disabled={value === undefined || value <= 1}
          onClick={() => onChange((value ?? from) - 1)}
        />
        <output aria-live="polite">{value ?? '?'}</output>
        <Button
          isLarge
          aria-label="One more"
          icon={<PlusOutlined />}
          disabled={value !== undefined && value >= most}
          onClick={() => onChange(value === undefined ? from : value + 1)}
        />
        {value === undefined ? (
          <span className={styles.hint}>not counted</span>
        ) : (
          <Button kind="quiet" onClick={() => onChange(undefined)}>
            Not counted
          </Button>
        )}
      </div>
    </div>
  );
}
