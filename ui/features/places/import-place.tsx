'use client';

/** Reads a file of the grower's own air, shows what was found or what is wrong with it, and keeps it. */
import { Alert, Input, InputNumber, Select, Upload } from 'antd';
import { InboxOutlined } from '@ant-design/icons';
import { useState } from 'react';
import { type AirflowClass, airflowClasses, type Place } from '@core';
import { fileFaultLine, type PlaceReading, keptForTheBench } from '@core/words';
import { useKeepPlace } from '../../data/places';
import { useKeep } from '../../data/use-keep';
import { FileQuestions } from './file-questions';
import styles from './places.module.css';
import { usePlaceFile } from './use-place-file';
import { messages } from '../../data/messages';
import { Button } from '../../controls/button';
import { ProgressBar } from '../../controls/progress-bar';

interface ImportPlaceProps {
  readonly onKept: (place: Place) => void;
}

const USUAL_LATITUDE_DEG = 50;

export function ImportPlace({ onKept }: ImportPlaceProps) {
  const [latitudeDeg, setLatitude] = useState(USUAL_LATITUDE_DEG);
  const [fileName, setFileName] = useState('');
  const [name, setName] = useState('');
  const [airflow, setAirflow] = useState<AirflowClass>('still room');
  const file = usePlaceFile();
  const keeping = useKeepPlace();
  const keepIt = useKeep();
  const { state } = file;
  const about = { name: fileName, latitudeDeg, longitudeDeg: 0 };

  const takeOver = (reading: PlaceReading | null): void => {
    if (reading?.status !== 'ok') return;
    setName(reading.place.name);
    setAirflow(reading.place.airflow);
  };

  const read = async (chosen: File): Promise<void> => {
    const plain = chosen.name.replace(/\.\w+$/, '');
    setFileName(plain);
    takeOver(await file.read(chosen, { ...about, name: plain }));
  };

  const changeLatitude = (value: number): void => {
    setLatitude(value);
    // The light of a room hangs on it; the file need not be read again.
    if (state.status === 'read' && state.reading.status === 'ok') {
      void file.settle({ ...about, latitudeDeg: value }, state.choices);
    }
  };

  const keep = async (place: Place): Promise<void> => {
    const kept = await keepIt(() => keeping.mutateAsync({ place: { ...place, name, airflow }, seen: null }));
    if (kept.status === 'refused') {
      messages.error(kept.message);
      return;
    }
    file.stop();
    if (kept.status === 'waits') return;
    messages.success(keptForTheBench(kept.value.name));
    onKept(kept.value);
  };

  const reading = state.status === 'read' ? state.reading : null;
  return (
    <div className={`on-screen-only ${styles.import}`}>
      <h2>Bring your own air</h2>
      <label htmlFor="import-latitude">Latitude, south negative</label>
      <InputNumber
        id="import-latitude"
        min={-66}
        max={66}
        value={latitudeDeg}
        suffix="°"
        style={{ width: '100%' }}
        onChange={(value) => changeLatitude(value ?? USUAL_LATITUDE_DEG)}
      />
      <FileDrop onFile={(chosen) => void read(chosen)} />
      {state.status === 'reading' ? (
        <div className={styles.reading} role="status">
          <ProgressBar label="How much of the file is read" done={state.share} total={1} />
          <Button onClick={file.stop}>Stop</Button>
        </div>
      ) : null}
      {state.status === 'failed' ? <Alert type="error" showIcon title={state.message} /> : null}
      {reading?.status === 'refused' ? <RefusedFile faults={reading.faults} /> : null}
      {state.status === 'read' && reading?.status === 'unclear' ? (
        <FileQuestions
          key={reading.questions.map((question) => question.about).join()}
          questions={reading.questions}
          settled={state.choices}
          onSettled={(choices) => void file.settle(about, choices).then(takeOver)}
        />
      ) : null}
      {state.status === 'read' && state.shape !== null && reading?.status !== 'unclear' ? (
        <div className={styles.asBefore}>
          <span>{state.isAsBefore ? 'Read as you chose for the last file of this kind.' : 'Read as you chose.'}</span>
          <Button onClick={() => void file.askAgain(about)}>Choose again</Button>
        </div>
      ) : null}
      {reading?.status === 'ok' ? (
        <FoundPlace
          lines={[...reading.readAs, ...reading.remarks]}
          name={name}
          airflow={airflow}
          isBusy={keeping.isPending}
          onName={setName}
          onAirflow={setAirflow}
          onKeep={() => void keep(reading.place)}
        />
      ) : null}
    </div>
  );
}

function FileDrop({ onFile }: { readonly onFile: (chosen: File) => void }) {
  return (
    <Upload.Dragger
      accept=".csv,.txt,.epw,.json"
      showUploadList={false}
      beforeUpload={(chosen) => {
        onFile(chosen);
        return false;
      }}
    >
      <p>
        <InboxOutlined /> A logger’s CSV, monthly means, or an EPW weather file
      </p>
    </Upload.Dragger>
  );
}

function RefusedFile({ faults }: Pick<Extract<PlaceReading, { status: 'refused' }>, 'faults'>) {
  return (
    <Alert
      type="error"
      showIcon
      title="This file cannot be used. Nothing was changed."
      description={
        <ul>
          {faults.map((fault, i) => (
            <li key={i}>{fileFaultLine(fault)}</li>
          ))}
        </ul>
      }
    />
  );
}

interface FoundPlaceProps {
  readonly lines: readonly string[];
  readonly name: string;
  readonly airflow: AirflowClass;
  readonly isBusy: boolean;
  readonly onName: (name: string) => void;
  readonly onAirflow: (airflow: AirflowClass) => void;
  readonly onKeep: () => void;
}

/** What a file was read as, with what only the grower knows of it. */
function FoundPlace({ lines, name, airflow, isBusy, onName, onAirflow, onKeep }: FoundPlaceProps) {
  return (
    <div className={styles.found}>
      {lines.map((line) => (
        <p key={line}>{line}</p>
      ))}
      <label htmlFor="import-name">Its name</label>
      <Input id="import-name" value={name} maxLength={80} onChange={(event) => onName(event.target.value)} />
      <label htmlFor="import-airflow">How the air moves there</label>
      <Select
        id="import-airflow"
        value={airflow}
        options={airflowClasses.map((value) => ({ value, label: value }))}
        onChange={onAirflow}
      />
      <Button kind="main" isBusy={isBusy} disabled={name.trim() === ''} onClick={onKeep}>
        Keep this place
      </Button>
    </div>
  );
}
