'use client';

/** One step: what to look at, how to tell, and the tiles to answer with. */
import { colourTrapsFor, type Genus, type Inspection, type InspectionStep, type InspectedThing } from '@core';
import { wordColourTrap } from '@core/words';
import { RootThickness } from '../questions/root-thickness';
import { ScreenSize } from '../questions/screen-size';
import { useCase } from '../state/case-store';
import { Counter } from './counter';
import { see, useInspect } from '../state/inspect-store';
import { MapStep } from './map-step';
import { type Question, stepText, type Tile, toggled } from './questions';
import { Tiles } from './tiles';
import styles from './inspect.module.css';

const USUAL_COUNT = { shootCount: 4, plantCount: 1 } as const;

interface StepViewProps {
  readonly step: InspectionStep;
  readonly looked: readonly InspectedThing[];
  readonly genus: Genus;
  readonly onNext: () => void;
}

/** Everything at this step that a touch answers is answered. */
const isAnswered = (questions: readonly Question[], seen: Inspection): boolean =>
  questions.every(({ looked }) => seen[looked] !== undefined);

const tileCount = (question: Question): number => {
  if (question.kind === 'one') return question.tiles.length;
  return question.kind === 'many' ? question.tiles.length + (question.none ? 1 : 0) : 0;
};

/** The key of a question’s first tile: tiles are counted through the step. */
const keysFrom = (questions: readonly Question[], index: number): number =>
  1 + questions.slice(0, index).reduce((sum, question) => sum + tileCount(question), 0);

/** Long enough to see what one has touched. */
const SEEN_MS = 320;

export function StepView({ step, looked, genus, onNext }: StepViewProps) {
  const seen = useInspect((state) => state.seen);
  const mediumId = useCase((state) => (state.answers.current as { mediumId?: string } | undefined)?.mediumId);
  const told = stepText[step];
  const questions = told.questions.filter((question) => looked.includes(question.looked));
  const goesOn = questions.every(({ kind }) => kind === 'one');

  const chooseOne = (question: Question, tile: Tile) => {
    const wasAnswered = isAnswered(questions, seen);
    const isAgain = seen[question.looked] === tile.value;
    see({ [question.looked]: isAgain ? undefined : tile.value });
    // The last touch of a step that was open goes on by itself; whoever came back to change one stays.
    if (goesOn && !wasAnswered && isAnswered(questions, useInspect.getState().seen)) setTimeout(onNext, SEEN_MS);
  };

  const traps = step === 'live roots' ? colourTrapsFor(genus, mediumId) : [];
  return (
    <>
      <p className={styles.how}>{told.how}</p>
      {traps.map((trap) => (
        <p key={trap} className={styles.trap}>
          {wordColourTrap(trap)}
        </p>
      ))}
      <div className={styles.questions} data-map={step === 'from above' ? '' : undefined}>
        {questions.map((question, n) => {
          switch (question.kind) {
            case 'one':
              return (
                <Tiles
                  key={question.looked}
                  label={question.label}
                  tiles={question.tiles}
                  keysFrom={keysFrom(questions, n)}
                  isChosen={({ value }) => seen[question.looked] === value}
                  onChoose={(tile) => chooseOne(question, tile)}
                />
              );
            case 'many': {
              const none = question.none ? [{ ...question.none, value: NONE }] : [];
              const list: readonly string[] | undefined = seen[question.looked];
              return (
                <Tiles
                  key={question.looked}
                  label={question.label}
                  tiles={[...none, ...question.tiles]}
                  keysFrom={keysFrom(questions, n)}
                  isChosen={({ value }) =>
                    value === NONE ? list?.length === 0 : list?.includes(String(value)) === true
                  }
                  onChoose={({ value }) =>
                    see(
                      value === NONE
                        ? { [question.looked]: list?.length === 0 ? undefined : [] }
                        : toggled(question, seen, String(value)),
                    )
                  }
                />
              );
            }
            case 'count':
              return (
                <Counter
                  key={question.looked}
                  label={question.label}
                  value={seen[question.looked]}
                  from={USUAL_COUNT[question.looked]}
                  most={question.most}
                  onChange={(value) => see({ [question.looked]: value })}
                />
              );
            case 'thickness':
              return (
                <div key={question.looked} role="group" aria-label={question.label}>
                  <h3 className={styles.group}>{question.label}</h3>
                  <RootThickness
                    value={seen.rootDiameterMm ?? null}
                    onPick={(mm) => see({ rootDiameterMm: mm === seen.rootDiameterMm ? undefined : mm })}
                  />
                  <ScreenSize />
                </div>
              );
            case 'map':
              return <MapStep key={question.looked} onNext={onNext} />;
          }
        })}
      </div>
    </>
  );
}

/** No kind of pest has this name. */
const NONE = '(none)';
