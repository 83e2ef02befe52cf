'use client';

/** What lies on the bench goes into the plant's life: potted, planned, or put right. */
import { Alert, DatePicker, Input, Modal } from 'antd';
import dayjs from 'dayjs';
import { useState } from 'react';
import {
  genusOf,
  type PlanCase,
  type SaidSetup,
  saidOfSetup,
  saidSetupSchema,
  setupFromSaid,
  type SetupSpec,
} from '@core';
import { lowerFirst, parseWith, setupTitle, vesselText } from '@core/words';
import type { PlantLog } from '@server/projections/plants/schemas';
import { Button } from '../controls/button';
import { Choice } from '../controls/choice';
import { dialogFrame } from '../controls/keep-dialog';
import type { PottedEntry } from '../data/bench-draft';
import { useStock } from '../data/stock';
import { useUnits } from '../data/units-context';
import { ThemeProvider } from '../theme/provider';
import styles from './keep.module.css';
import { oldPotOf, PottedStock, takenOf, takesOf, type Typed } from './potted-stock';
import { SaidSetupFields } from './said-setup-fields';
import { useKeepIt } from './use-keep-it';
import { waysFor, type WayToKeep, wayWords } from './ways';

interface KeepItDialogProps {
  readonly planCase: PlanCase;
  readonly spec: SetupSpec;
  readonly plantId: string | null;
  readonly plantName: string;
  readonly plantVersion: number | null;
  /** The potting that is put right; null where it is none. */
  readonly entry: PottedEntry | null;
  readonly way: WayToKeep;
  /** Opens with the fields for what else it was potted in. */
  readonly isOther?: boolean;
  readonly onClose: () => void;
  readonly onSaved: (log: PlantLog, kept: WayToKeep) => void;
}

/** Written down from its page, a potting is of the month in which it was done. */
function pottedCase(planCase: PlanCase, day: string | null, isOther: boolean): PlanCase {
  return isOther && day !== null ? { ...planCase, month: dayjs(day).month() + 1 } : planCase;
}

const today = (): string => dayjs().format('YYYY-MM-DD');

export function KeepItDialog(props: KeepItDialogProps) {
  const { planCase, plantId, entry, onClose, onSaved } = props;
  const { units } = useUnits();
  const [way, setWay] = useState<WayToKeep>(entry === null && props.way === 'put right' ? 'potted' : props.way);
  const [plantName, setPlantName] = useState(props.plantName || genusOf(planCase).name);
  const [days, setDays] = useState<Readonly<Record<WayToKeep, string | null>>>({
    potted: today(),
    planned: null,
    'put right': entry?.pottedOn ?? today(),
  });
  const [note, setNote] = useState(props.way === 'put right' ? (entry?.note ?? '') : '');
  const [typed, setTyped] = useState<Typed>({});
  const [said, setSaid] = useState<SaidSetup | null>(props.isOther ? saidOfSetup(props.spec) : null);
  const own = said === null ? null : parseWith(saidSetupSchema, said);
  const other = own?.status === 'ok' ? setupFromSaid(own.value) : null;
  const spec = other ?? props.spec;
  const [isTaken, setTaken] = useState(true);
  const [isBack, setBack] = useState(false);
  const rows = useStock()?.items ?? [];
  const takes = takesOf(planCase, spec, rows, plantName);
  // A pot goes back only where pots are kept in stock at all.
  const oldPot = rows.length > 0 ? oldPotOf(planCase) : null;
  const { isBusy, fault, say, keep } = useKeepIt({
    plantId,
    plantVersion: props.plantVersion,
    entry,
    onClose,
    onSaved,
  });
  const words = wayWords(way, plantId !== null);

  const save = () => {
    if (own?.status === 'faulty') return say(own.faults[0]?.message ?? 'This setup cannot be used.');
    const taken = isTaken ? takes.map((take) => ({ itemId: take.from!.id, amount: takenOf(take, typed) })) : [];
    const wrong = taken.find(({ amount }) => !(Number.isFinite(amount) && amount >= 0));
    if (way !== 'planned' && wrong) return say('What is taken out of stock must be a number, 0 or more.');
    const stock = {
      ...(isTaken && takes.length > 0 ? { takes: taken.filter(({ amount }) => amount > 0) } : {}),
      ...(oldPot && isBack ? { gives: [{ thing: oldPot, amount: 1 }] } : {}),
    };
    return void keep(way, {
      planCase: pottedCase(planCase, days[way], props.isOther === true),
      spec,
      plantName,
      day: days[way],
      note,
      stock,
    });
  };

  return (
    <ThemeProvider>
      <Modal
        open
        title={words.title}
        {...dialogFrame(said !== null)}
        okText={words.ok}
        cancelText="Not yet"
        confirmLoading={isBusy}
        onOk={save}
        onCancel={onClose}
      >
        <div className={styles.fields}>
          <Choice isWide label="How to keep it" options={waysFor(entry)} value={way} onChange={setWay} />
          <p className={styles.what}>
            {setupTitle(spec, units)}
            {spec.vessel.kind === 'pot' ? `, ${lowerFirst(vesselText(spec, units))}` : ''}. {words.kept}
          </p>
          {said === null ? (
            <Button onClick={() => setSaid(saidOfSetup(spec))}>I did something else</Button>
          ) : (
            <div className="entry">
              <SaidSetupFields said={said} spec={other} onSaid={setSaid} />
            </div>
          )}
          {way === 'put right' ? null : <NameOnTag name={plantName} onName={setPlantName} />}
          <label htmlFor="potted-on">{words.dayLabel}</label>
          <DatePicker
            id="potted-on"
            style={{ width: '100%' }}
            value={days[way] === null ? null : dayjs(days[way])}
            allowClear={way === 'planned'}
            onChange={(day) =>
              setDays({ ...days, [way]: day?.format('YYYY-MM-DD') ?? (way === 'planned' ? null : days[way]) })
            }
          />
          <label htmlFor="potted-note">Note</label>
          <Input.TextArea
            id="potted-note"
            value={note}
            maxLength={2000}
            autoSize={{ minRows: 2 }}
            onChange={(event) => setNote(event.target.value)}
          />
          {way === 'planned' ? null : (
            <PottedStock
              takes={takes}
              typed={typed}
              onTyped={setTyped}
              isTaken={isTaken}
              onTaken={setTaken}
              takenLabel={
                way === 'put right'
                  ? 'Take this out of stock, in place of what it took'
                  : 'Take out of stock what it used'
              }
              oldPot={oldPot}
              isBack={isBack}
              onBack={setBack}
            />
          )}
          {fault ? <Alert type="error" showIcon title={fault} /> : null}
        </div>
      </Modal>
    </ThemeProvider>
  );
}

function NameOnTag({ name, onName }: { readonly name: string; readonly onName: (name: string) => void }) {
  return (
    <>
      <label htmlFor="plant-name">Name on the tag</label>
      <Input id="plant-name" value={name} maxLength={120} onChange={(event) => onName(event.target.value)} />
    </>
  );
}
