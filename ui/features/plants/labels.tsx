'use client';

/** Labels to print and stick: number, name, kind, when and what it was potted in, and a square that leads to its page. */
import { PrinterOutlined } from '@ant-design/icons';
import { QRCode } from 'antd';
import dayjs from 'dayjs';
import { useState } from 'react';
import { genusById, genusIds } from '@core';
import type { PlantSummary } from '@server/projections/plants/schemas';
import { useIsBrowser } from '../../data/browser/stored';
import { Button } from '../../controls/button';
import { Choice } from '../../controls/choice';
import styles from './labels.module.css';

const SQUARE_PX = 76;

interface LabelsProps {
  readonly plants: readonly PlantSummary[];
  readonly total: number;
}

export function Labels({ plants, total }: LabelsProps) {
  const isBrowser = useIsBrowser();
  const [isList, setList] = useState(false);
  return (
    <div className={styles.page}>
      <div className={`on-screen-only ${styles.head}`}>
        <h1>
          {plants.length} {isList ? 'in the list' : plants.length === 1 ? 'label' : 'labels'}
        </h1>
        <Button kind="main" isLarge icon={<PrinterOutlined />} onClick={() => window.print()}>
          Print
        </Button>
        <p>
          {isList
            ? 'One line a plant, with room to write'
            : 'Three in a row on A4, 63 by 38 mm each. The square leads to the plant’s page on this machine'}
          {total > plants.length ? `; the first ${plants.length} of ${total}` : ''}.
        </p>
        <Choice
          label="What to print"
          options={kinds}
          value={isList ? 'list' : 'labels'}
          onChange={(kind) => setList(kind === 'list')}
        />
      </div>
      {isList ? <PrintedList plants={plants} /> : null}
      <ul hidden={isList} className={styles.sheet}>
        {plants.map((plant) => (
          <li key={plant.id} className={styles.label}>
            <Label plant={plant} />
            {/* For a camera: the words beside it say all that a reader wants. */}
            <span aria-hidden="true" className={styles.square}>
              {isBrowser ? (
                <QRCode
                  type="svg"
                  size={SQUARE_PX}
                  bordered={false}
                  value={`${window.location.origin}/plants/${plant.id}`}
                  color="#000"
                  bgColor="#fff"
                />
              ) : null}
            </span>
          </li>
        ))}
      </ul>
    </div>
  );
}

const kinds = [
  { value: 'labels', label: 'Labels' },
  { value: 'list', label: 'A list' },
] as const;

/** For the wall of the greenhouse: who stands where in what, and an empty column for a pencil. */
function PrintedList({ plants }: Pick<LabelsProps, 'plants'>) {
  return (
    <table className={styles.list}>
      <thead>
        <tr>
          <th scope="col">No.</th>
          <th scope="col">Name</th>
          <th scope="col">Kind</th>
          <th scope="col">Where</th>
          <th scope="col">In, since</th>
          <th scope="col">To write</th>
        </tr>
      </thead>
      <tbody>
        {plants.map(({ id, tagNumber, name, genusId, placeName, spot, mediumName, inMediumSince }) => (
          <tr key={id}>
            <td>{tagNumber}</td>
            <td>{name}</td>
            <td className="latin">{genusIds.includes(genusId) ? genusById(genusId).name : genusId}</td>
            <td>{[placeName, spot].filter(Boolean).join(', ')}</td>
            <td>
              {[mediumName, inMediumSince ? dayjs(inMediumSince).format('MMM YYYY') : null].filter(Boolean).join(', ')}
            </td>
            <td />
          </tr>
        ))}
      </tbody>
    </table>
  );
}

function Label({ plant: { name, tagNumber, genusId, parentage, lastPotting } }: { readonly plant: PlantSummary }) {
  return (
    <div className={styles.words}>
      {tagNumber ? <strong className={styles.number}>{tagNumber}</strong> : null}
      <strong>{name}</strong>
      <span className="latin">{genusIds.includes(genusId) ? genusById(genusId).name : genusId}</span>
      {parentage ? <span>{parentage}</span> : null}
      {lastPotting ? (
        <span className={styles.potted}>
          {dayjs(lastPotting.pottedOn).format('MMM YYYY')}: {lastPotting.title}
        </span>
      ) : null}
    </div>
  );
}
