/** What a file leaves open: each way of reading it beside its first rows. */
import { useState } from 'react';
import type { ReadingChoices } from '@core';
import type { FileQuestion } from '@core/words';
import styles from './places.module.css';
import { Button } from '../../controls/button';

interface FileQuestionsProps {
  readonly questions: readonly FileQuestion[];
  /** What was settled before these questions came up. */
  readonly settled: ReadingChoices;
  readonly onSettled: (choices: ReadingChoices) => void;
}

export function FileQuestions({ questions, settled, onSettled }: FileQuestionsProps) {
  const [chosen, setChosen] = useState<Readonly<Partial<Record<keyof ReadingChoices, string>>>>({});
  const isComplete = questions.every(({ about }) => chosen[about] !== undefined);
  return (
    <form
      className={styles.questions}
      aria-label="How to read this file"
      onSubmit={(event) => {
        event.preventDefault();
        onSettled({ ...settled, ...(chosen as ReadingChoices) });
      }}
    >
      <p>This file can be read in more than one way. Look at its first rows and choose.</p>
      {questions.map(({ about, question, options }) => (
        <fieldset key={about}>
          <legend>{question}</legend>
          {options.map(({ value, label, sample }) => (
            <label key={value}>
              <input
                type="radio"
                name={about}
                value={value}
                checked={chosen[about] === value}
                onChange={() => setChosen({ ...chosen, [about]: value })}
              />
              <span>
                <strong>{label}</strong>
                <small>{sample}</small>
              </span>
            </label>
          ))}
        </fieldset>
      ))}
      <Button kind="main" isSubmit disabled={!isComplete}>
        Read it so
      </Button>
    </form>
  );
}
