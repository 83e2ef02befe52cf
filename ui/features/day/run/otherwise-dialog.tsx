'use client';

/** It went otherwise: another pot of the shelf, more or less of the mix, a pot that broke, a word. */
import { changedSpec, type SetupSpec } from '@core';
import { thingText, type WordedDayPlant } from '@core/words';
import type { StockRow } from '@server/records/stock/schemas';
import { Button } from '../../../controls/button';
import { Choice } from '../../../controls/choice';
import { KeepDialog } from '../../../controls/keep-dialog';
import { useUnits } from '../../../data/units-context';
import type { PottedOtherwise } from './potting-of';

interface OtherwiseDialogProps {
  readonly plant: WordedDayPlant;
  readonly stock: readonly StockRow[];
  readonly said: PottedOtherwise;
  readonly onSaid: (said: PottedOtherwise) => void;
  readonly onSetup: (setup: SetupSpec) => void;
  readonly onBroken: (itemId: string) => void;
  readonly onClose: () => void;
}

const amounts = [
  { value: '0.7', label: 'Much less' },
  { value: '0.85', label: 'Less' },
  { value: '1', label: 'As reckoned' },
  { value: '1.15', label: 'More' },
  { value: '1.3', label: 'Much more' },
] as const;
type Amount = (typeof amounts)[number]['value'];

const NEAR_CM = 5;

export function OtherwiseDialog(props: OtherwiseDialogProps) {
  const { plant, stock, said, onSaid, onSetup, onBroken, onClose } = props;
  const { units } = useUnits();
  const { vessel } = plant.setup;
  const pots = stock.flatMap(({ id, amount, data: { thing } }) =>
    thing.kind === 'pot' &&
    amount >= 1 &&
    thing.used !== 'to be washed' &&
    vessel.kind === 'pot' &&
    Math.abs(thing.rimDiameterCm - vessel.rimDiameterCm) <= NEAR_CM
      ? [{ id, thing }]
      : [],
  );
  const from = stock.find(({ id }) => id === plant.pot.from);
  return (
    <KeepDialog title="It went otherwise" okText="So it was" isBusy={false} onKeep={onClose} onClose={onClose}>
      <div>
        <p>The mix took</p>
        <Choice
          isWide
          label="The mix took"
          options={amounts}
          value={String(said.share) as Amount}
          onChange={(share) => onSaid({ ...said, share: Number(share) })}
        />
      </div>
      {pots.length > 0 ? (
        <fieldset style={{ border: 'none', margin: 0, padding: 0 }}>
          <legend>Into another pot of the shelf</legend>
          {pots.map(({ id, thing }) => (
            <label key={id} className="tick">
              <input
                type="radio"
                name="other-pot"
                checked={id === plant.pot.from}
                onChange={() =>
                  onSetup(changedSpec(plant.setup, { potKindId: thing.potKindId, rimDiameterCm: thing.rimDiameterCm }))
                }
              />
              {thingText(thing, units)}
            </label>
          ))}
        </fieldset>
      ) : null}
      {from ? <Button onClick={() => onBroken(from.id)}>{thingText(from.data.thing, units)}: it broke</Button> : null}
      <label>
        A word, if you like
        <textarea
          rows={2}
          value={said.note}
          maxLength={2000}
          onChange={(event) => onSaid({ ...said, note: event.target.value })}
        />
      </label>
    </KeepDialog>
  );
}
