'use client';

/** Left for another day, with the reason; it goes back to what is planned. */
import { leaveForAnotherDay } from '@core/words';
import { useState } from 'react';
import { type LeftReason, leftReasons } from '@core';
import { KeepDialog } from '../../../controls/keep-dialog';

const reasonWords: Readonly<Record<LeftReason, string>> = {
  'no time': 'No time left',
  'no pot': 'No pot for it',
  'no medium': 'No medium for it',
  'not ready': 'It is not ready',
  'better as it is': 'Better left as it is',
  other: 'Something else',
};

interface LeaveDialogProps {
  readonly names: readonly string[];
  readonly onLeave: (reason: LeftReason, note: string) => void;
  readonly onClose: () => void;
}

export function LeaveDialog({ names, onLeave, onClose }: LeaveDialogProps) {
  const [reason, setReason] = useState<LeftReason>('no time');
  const [note, setNote] = useState('');
  const who = names.length === 1 ? names[0]! : `${names.length} plants`;
  return (
    <KeepDialog
      title={leaveForAnotherDay(who)}
      okText="Leave"
      isBusy={false}
      onKeep={() => onLeave(reason, note.trim())}
      onClose={onClose}
    >
      <fieldset style={{ border: 'none', margin: 0, padding: 0 }}>
        <legend className="visually-hidden">Why</legend>
        {leftReasons.map((one) => (
          <label key={one} className="tick">
            <input type="radio" name="left-reason" checked={reason === one} onChange={() => setReason(one)} />
            {reasonWords[one]}
          </label>
        ))}
      </fieldset>
      <label>
        A word, if you like
        <input value={note} maxLength={500} onChange={(event) => setNote(event.target.value)} />
      </label>
    </KeepDialog>
  );
}
