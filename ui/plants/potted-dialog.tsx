'use client';

import { Alert, DatePicker, Input, Modal } from 'antd';
import dayjs from 'dayjs';
import { useState } from 'react';
import { genusOf, type PlanCase, type SetupSpec } from '@core';
import { setupTitle, vesselText } from '@core/words';
import type { PlantLog } from '@server/collection/plants';
import { useUnits } from '../units/units-context';
import { messageOf } from '../worker/planner';
import { savePotted } from './api';
import styles from './plants.module.css';

interface PottedDialogProps {
  readonly planCase: PlanCase;
  readonly spec: SetupSpec;
  readonly plantId: string | null;
  readonly plantName: string;
  readonly onClose: () => void;
  readonly onSaved: (log: PlantLog) => void;
}

export function PottedDialog(props: PottedDialogProps) {
  const { planCase, spec, plantId } = props;
  const { units } = useUnits();
  const [plantName, setPlantName] = useState(props.plantName || genusOf(planCase).name);
  const [pottedOn, setPottedOn] = useState(dayjs().format('YYYY-MM-DD'));
  const [note, setNote] = useState('');
  const [isSaving, setSaving] = useState(false);
  const [fault, setFault] = useState<string | null>(null);

  const save = async () => {
    setSaving(true);
    setFault(null);
    try {
      props.onSaved(await savePotted({ plantId, plantName, pottedOn, note, planCase, spec }));
    } catch (error) {
      setFault(messageOf(error));
      setSaving(false);
    }
  };

  return (
    <Modal
      open
      title="Potted it"
      okText={plantId ? 'Add to its log' : 'Keep it'}
      cancelText="Not yet"
      confirmLoading={isSaving}
      onOk={() => void save()}
      onCancel={props.onClose}
    >
      <p className={styles.what}>
        {setupTitle(spec, units)}
        {spec.vessel.kind === 'pot' ? `, ${vesselText(spec, units)}` : ''}. The mix, the layers and the litres are kept
        with it.
      </p>
      <label htmlFor="plant-name">Name on the tag</label>
      <Input id="plant-name" value={plantName} maxLength={120} onChange={(event) => setPlantName(event.target.value)} />
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
      {fault ? <Alert type="error" showIcon title={fault} style={{ marginTop: 12 }} /> : null}
    </Modal>
  );
}
