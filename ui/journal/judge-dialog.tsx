'use client';

/** How it went, by three touches: does it hold, does it root, are its bulbs fuller or thinner. */
import { useState } from 'react';
import { pseudobulbChanges, holdStates, tipStates } from '@core';
import { pseudobulbChangeWords, holdWords, tipWords } from '@core/words';
import { Choice } from '../controls/choice';
import { KeepDialog } from '../controls/keep-dialog';

type Hold = (typeof holdStates)[number];
type Tips = (typeof tipStates)[number];
type Bulbs = (typeof pseudobulbChanges)[number];

export interface Seen {
  readonly holds: Hold;
  readonly tips?: Tips;
  readonly bulbs?: Bulbs;
  readonly note?: string;
}

interface JudgeDialogProps {
  readonly name: string;
  readonly isBusy: boolean;
  readonly onKeep: (seen: Seen) => void;
  readonly onClose: () => void;
}

const UNSAID = 'unsaid';
const unsaid = { value: UNSAID, label: 'Not looked' } as const;
const holds = holdStates.map((value) => ({ value, label: holdWords[value] }));
const tips = [unsaid, ...tipStates.map((value) => ({ value, label: tipWords[value] }))];
const bulbs = [unsaid, ...pseudobulbChanges.map((value) => ({ value, label: pseudobulbChangeWords[value] }))];

export function JudgeDialog({ name, isBusy, onKeep, onClose }: JudgeDialogProps) {
  // Not taken for granted: a touch that missed would be kept as "It holds".
  const [hold, setHold] = useState<Hold | null>(null);
  const [tip, setTip] = useState<Tips | typeof UNSAID>(UNSAID);
  const [bulb, setBulb] = useState<Bulbs | typeof UNSAID>(UNSAID);
  const [note, setNote] = useState('');
  const keep = () => {
    if (hold === null) return;
    onKeep({
      holds: hold,
      ...(tip === UNSAID ? {} : { tips: tip }),
      ...(bulb === UNSAID ? {} : { bulbs: bulb }),
      ...(note.trim() === '' ? {} : { note: note.trim() }),
    });
  };
  return (
    <KeepDialog
      title={`${name}: how it went`}
      isBusy={isBusy}
      isComplete={hold !== null}
      onKeep={keep}
      onClose={onClose}
    >
      <div>
        <p>Tugged gently</p>
        <Choice isWide label="Tugged gently" options={holds} value={hold} onChange={setHold} />
      </div>
      <div>
        <p>New root tips</p>
        <Choice isWide label="New root tips" options={tips} value={tip} onChange={setTip} />
      </div>
      <div>
        <p>Bulbs or leaves, against then</p>
        <Choice isWide label="Bulbs" options={bulbs} value={bulb} onChange={setBulb} />
      </div>
      <label>
        A word, if you like
        <textarea rows={2} value={note} maxLength={2000} onChange={(event) => setNote(event.target.value)} />
      </label>
    </KeepDialog>
  );
}
