'use client';

/** What the plant shows: as many things as were looked at. */
import { Select } from 'antd';
import { answer } from '../state/actions';
import { useCase } from '../state/case-store';
import { chosenSigns, inShort, type SignKey, signGroups, withSigns } from './signs';
import styles from './questions.module.css';

/** As tall as fits below the field on a screen of 800. */
const LIST_PX = 420;

export function SignsField() {
  const given = useCase((state) => state.answers.signs);
  const chosen = chosenSigns(given);
  return (
    <Select
      id="signs"
      mode="multiple"
      allowClear
      placeholder="not looked at"
      className={styles.signs}
      maxTagCount={0}
      maxTagPlaceholder={<span title={inShort(chosen)}>{inShort(chosen)}</span>}
      listHeight={LIST_PX}
      popupMatchSelectWidth={false}
      showSearch={{ optionFilterProp: 'label' }}
      value={[...chosen]}
      options={signGroups.map(({ label, signs }) => ({
        label,
        options: signs.map(({ key, label: name }) => ({ value: key, label: name })),
      }))}
      onChange={(keys: SignKey[]) => answer({ signs: withSigns(chosen, keys) })}
    />
  );
}
