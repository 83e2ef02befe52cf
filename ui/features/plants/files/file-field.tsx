/** A field that takes a file. */
import styles from './files.module.css';

interface FileFieldProps {
  readonly label: string;
  readonly accept: string;
  readonly onFile: (file: File) => void;
}

export function FileField({ label, accept, onFile }: FileFieldProps) {
  return (
    <label className={styles.file}>
      {label}
      <input
        type="file"
        accept={accept}
        onChange={(event) => {
          const chosen = event.target.files?.[0];
          // Chosen once more, the same file is read anew.
          event.target.value = '';
          if (chosen) onFile(chosen);
        }}
      />
    </label>
  );
}
