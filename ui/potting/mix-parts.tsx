'use client';

/** What goes into a mix: up to five media, by parts as measured out of the bag. */
import { DeleteOutlined, PlusOutlined } from '@ant-design/icons';
import { Select } from 'antd';
import { MAX_MIX_PARTS, mediaCatalogue, type MixPartSpec, type GrowersMedium } from '@core';
import { number } from '@core/words';
import { KeyedSlider } from '../controls/keyed-slider';
import { isMediumSaid, type MediumGroup, mediumGroups } from './medium-groups';
import styles from './mix-parts.module.css';
import { Button } from '../controls/button';

interface MixPartsProps {
  readonly parts: readonly MixPartSpec[];
  readonly own: readonly GrowersMedium[];
  readonly onChange: (parts: readonly MixPartSpec[]) => void;
}

const OWN_PREFIX = 'own:';

/** The key a part goes by in the list: an own medium by its name. */
function keyOf(part: MixPartSpec): string {
  return part.own ? `${OWN_PREFIX}${part.own.name}` : part.mediumId;
}

export function MixParts({ parts, own, onChange }: MixPartsProps) {
  const options: readonly MediumGroup[] = [
    ...(own.length > 0
      ? [
          {
            label: 'My own',
            options: own.map((medium) => ({ value: `${OWN_PREFIX}${medium.name}`, label: medium.name })),
          },
        ]
      : []),
    ...mediumGroups,
  ];
  const partFor = (key: string, share: number): MixPartSpec => {
    const medium = own.find((entry) => `${OWN_PREFIX}${entry.name}` === key);
    return medium ? { mediumId: medium.likeId, own: medium, parts: share } : { mediumId: key, parts: share };
  };
  const replace = (index: number, part: MixPartSpec) => onChange(parts.map((old, i) => (i === index ? part : old)));
  const unused = mediaCatalogue.find((medium) => !parts.some((part) => part.mediumId === medium.id))!;
  return (
    <div className={styles.parts}>
      {parts.map((part, i) => (
        <div key={i} className={styles.part}>
          <Select
            aria-label={`Medium ${i + 1}`}
            showSearch={{ filterOption: isMediumSaid }}
            value={keyOf(part)}
            options={[...options]}
            popupMatchSelectWidth={false}
            onChange={(key) => replace(i, partFor(key, part.parts))}
          />
          <Button
            kind="quiet"
            icon={<DeleteOutlined />}
            aria-label={`Take medium ${i + 1} out`}
            disabled={parts.length === 1}
            onClick={() => onChange(parts.filter((_, k) => k !== i))}
          />
          <KeyedSlider
            label={`Parts of medium ${i + 1}`}
            min={0.5}
            max={10}
            step={0.5}
            bigStep={2}
            value={part.parts}
            valueText={(value) => `${number(value, 1)} parts`}
            onChange={(share) => replace(i, { ...part, parts: share })}
          />
          <strong>{number(part.parts, 1)}</strong>
        </div>
      ))}
      {parts.length < MAX_MIX_PARTS ? (
        <Button icon={<PlusOutlined />} onClick={() => onChange([...parts, { mediumId: unused.id, parts: 1 }])}>
          Another medium
        </Button>
      ) : (
        <p className={styles.hint}>Five media is as far as we mix.</p>
      )}
    </div>
  );
}
