/** How far a long work is: the browser's own bar, which costs nothing while the work runs. */
import styles from './progress-bar.module.css';

interface ProgressBarProps {
  readonly label: string;
  readonly done: number;
  readonly total: number;
}

export function ProgressBar({ label, done, total }: ProgressBarProps) {
  return <progress className={styles.bar} aria-label={label} max={Math.max(1, total)} value={Math.min(done, total)} />;
}
