'use client';

import { Alert, DatePicker, Input, Modal } from 'antd';
import dayjs from 'dayjs';
import { useState } from 'react';
import * as z from 'zod';
import { genusOf, type PlanCase, type SetupSpec } from '@core';
import { setupTitle, vesselText } from '@core/words';
import type { PlantLog } from '@server/plants/schemas';
import { ConflictError, type PottedForm } from '../../data/client';
import { useSavePotting } from '../../data/plants';
import { useStock } from '../../data/stock';
import { useUnits } from '../../data/units-context';
import { ThemeProvider } from '../../theme/provider';
import { useKeep } from '../../data/use-keep';
import styles from './bench.module.css';
import { oldPotOf, PottedStock, takenOf, takesOf, type Typed } from './potted-stock';

interface PottedDialogProps {
  readonly planCase: PlanCase;
  readonly spec: SetupSpec;
  readonly plantId: string | null;
  readonly plantName: string;
  readonly plantVersion: number | null;
  readonly onClose: () => void;
  readonly onSaved: (log: PlantLog) => void;
}

/** What a conflict answers of the plant as it now is. */
const keptPlant = z.object({ name: z.string(), version: z.number() });

export function PottedDialog(props: PottedDialogProps) {
  const { planCase, spec, plantId } = props;
  const { units } = useUnits();
  const [plantName, setPlantName] = useState(props.plantName || genusOf(planCase).name);
  const [pottedOn, setPottedOn] = useState(dayjs().format('YYYY-MM-DD'));
  const [note, setNote] = useState('');
  const [seenVersion, setSeenVersion] = useState(props.plantVersion);
  const [fault, setFault] = useState<string | null>(null);
  // One key for this dialog: a double tap, or a second try after a lost answer, saves once.
  const [idempotencyKey] = useState(() => crypto.randomUUID());
  const [typed, setTyped] = useState<Typed>({});
  const [isTaken, setTaken] = useState(true);
  const [isBack, setBack] = useState(false);
  const rows = useStock()?.items ?? [];
  const takes = takesOf(planCase, spec, rows, plantName);
  // A pot goes back only where pots are kept in stock at all.
  const oldPot = rows.length > 0 ? oldPotOf(planCase) : null;
  const saving = useSavePotting();
  const keepIt = useKeep();

  const save = async () => {
    setFault(null);
    const plantVersion = seenVersion === null ? {} : { plantVersion: seenVersion };
    const taken = isTaken ? takes.map((take) => ({ itemId: take.from!.id, amount: takenOf(take, typed) })) : [];
    const wrong = taken.find(({ amount }) => !(Number.isFinite(amount) && amount >= 0));
    if (wrong) return setFault('What is taken out of stock must be a number, 0 or more.');
    const stock = {
      ...(taken.length > 0 ? { takes: taken.filter(({ amount }) => amount > 0) } : {}),
      ...(oldPot && isBack ? { gives: [{ thing: oldPot, amount: 1 }] } : {}),
    };
    const form = { plantId, ...plantVersion, idempotencyKey, plantName, pottedOn, note, planCase, spec, ...stock };
    const outcome = await keepIt(() => saving.mutateAsync(form as PottedForm));
    if (outcome.status === 'kept') props.onSaved(outcome.value);
    // Safe in this browser: the bench is free for the next plant.
    if (outcome.status === 'waits') props.onClose();
    if (outcome.status !== 'refused') return undefined;
    const kept = outcome.error instanceof ConflictError ? keptPlant.safeParse(outcome.error.current) : null;
    if (kept?.success) {
      // Seen now: the next touch keeps it, under the name that stands in the dialog.
      setSeenVersion(kept.data.version);
      setFault(`${outcome.message} It is now called “${kept.data.name}”. Keep it once more to add yours.`);
    } else setFault(outcome.message);
    return undefined;
  };

  return (
    <ThemeProvider>
      <Modal
        open
        title="Potted it"
        okText={plantId ? 'Add to its log' : 'Keep it'}
        cancelText="Not yet"
        confirmLoading={saving.isPending}
        onOk={() => void save()}
        onCancel={props.onClose}
      >
        <p className={styles.what}>
          {setupTitle(spec, units)}
          {spec.vessel.kind === 'pot' ? `, ${vesselText(spec, units)}` : ''}. The mix, the layers and the litres are
          kept with it.
        </p>
        <label htmlFor="plant-name">Name on the tag</label>
        <Input
          id="plant-name"
          value={plantName}
          maxLength={120}
          onChange={(event) => setPlantName(event.target.value)}
        />
        <label htmlFor="potted-on">Day</label>
        <DatePicker
          id="potted-on"
          style={{ width: '100%' }}
          value={dayjs(pottedOn)}
          allowClear={false}
          onChange={(day) => setPottedOn(day?.format('YYYY-MM-DD') ?? pottedOn)}
        />
        <label htmlFor="potted-note">Note</label>
        <Input.TextArea
          id="potted-note"
          value={note}
          maxLength={2000}
          autoSize={{ minRows: 2 }}
          onChange={(event) => setNote(event.target.value)}
        />
        <PottedStock
          takes={takes}
          typed={typed}
          onTyped={setTyped}
          isTaken={isTaken}
          onTaken={setTaken}
          oldPot={oldPot}
          isBack={isBack}
          onBack={setBack}
        />
        {fault ? <Alert type="error" showIcon title={fault} style={{ marginTop: 12 }} /> : null}
      </Modal>
    </ThemeProvider>
  );
}
