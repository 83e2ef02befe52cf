'use client';

/** Reads a file of the grower's own air, shows what was found or what is wrong with it, and keeps it. */
import { Alert, App, Button, Input, InputNumber, Select, Upload } from 'antd';
import { InboxOutlined } from '@ant-design/icons';
import { useState } from 'react';
import { type AirflowClass, airflowClasses, type Place, readPlaceFile } from '@core';
import { fileFaultLine, type PlaceReading, wordReading } from '@core/words';
import { useKeepPlace } from '../../data/places';
import { messageOf } from '../../data/worker/long-work';
import styles from './places.module.css';

interface ImportPlaceProps {
  readonly onKept: (place: Place) => void;
}

const MOST_BYTES = 20_000_000;

export function ImportPlace({ onKept }: ImportPlaceProps) {
  const { message } = App.useApp();
  const [latitudeDeg, setLatitude] = useState(50);
  const [reading, setReading] = useState<PlaceReading | null>(null);
  const [name, setName] = useState('');
  const [airflow, setAirflow] = useState<AirflowClass>('still room');
  const keeping = useKeepPlace();

  const read = async (file: File): Promise<void> => {
    if (file.size > MOST_BYTES) {
      setReading({
        status: 'refused',
        faults: [{ line: 0, code: 'too large', message: 'the file is larger than 20 MB' }],
      });
      return;
    }
    const about = { name: file.name.replace(/\.\w+$/, ''), latitudeDeg, longitudeDeg: 0 };
    const found = wordReading(readPlaceFile(await file.text(), about));
    setReading(found);
    if (found.status === 'ok') {
      setName(found.place.name);
      setAirflow(found.place.airflow);
    }
  };

  const keep = async (place: Place): Promise<void> => {
    try {
      const kept = await keeping.mutateAsync({ place: { ...place, name, airflow }, seen: null });
      setReading(null);
      void message.success(`${kept.name} is kept; choose it on the bench.`);
      onKept(kept);
    } catch (error) {
      void message.error(messageOf(error));
    }
  };

  return (
    <div className={styles.import}>
      <h2>Bring your own air</h2>
      <label htmlFor="import-latitude">Latitude, south negative</label>
      <InputNumber
        id="import-latitude"
        min={-66}
        max={66}
        value={latitudeDeg}
        suffix="°"
        style={{ width: '100%' }}
        onChange={(value) => setLatitude(value ?? 50)}
      />
      <Upload.Dragger
        accept=".csv,.txt,.epw,.json"
        showUploadList={false}
        beforeUpload={(file) => {
          void read(file);
          return false;
        }}
      >
        <p>
          <InboxOutlined /> A logger’s CSV, monthly means, or an EPW weather file
        </p>
      </Upload.Dragger>
      {reading?.status === 'refused' ? (
        <Alert
          type="error"
          showIcon
          title="This file cannot be used. Nothing was changed."
          description={
            <ul>
              {reading.faults.map((fault, i) => (
                <li key={i}>{fileFaultLine(fault)}</li>
              ))}
            </ul>
          }
        />
      ) : null}
      {reading?.status === 'ok' ? (
        <div className={styles.found}>
          {reading.remarks.map((remark) => (
            <p key={remark}>{remark}</p>
          ))}
          <label htmlFor="import-name">Its name</label>
          <Input id="import-name" value={name} maxLength={80} onChange={(event) => setName(event.target.value)} />
          <label htmlFor="import-airflow">How the air moves there</label>
          <Select
            id="import-airflow"
            value={airflow}
            options={airflowClasses.map((value) => ({ value, label: value }))}
            onChange={setAirflow}
          />
          <Button
            type="primary"
            loading={keeping.isPending}
            disabled={name.trim() === ''}
            onClick={() => void keep(reading.place)}
          >
            Keep this place
          </Button>
        </div>
      ) : null}
    </div>
  );
}
