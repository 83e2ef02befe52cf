'use client';

/** Found worse or better than thought: a few touches, and the plant gets its answer anew. */
import { useState } from 'react';
import type { DayPlantAsked, PlanCase } from '@core';
import { Choice } from '../../../controls/choice';
import { KeepDialog } from '../../../controls/keep-dialog';

export interface FoundOtherwise {
  readonly planCase: PlanCase;
  readonly isSuspect: boolean;
}

interface FoundDialogProps {
  readonly asked: DayPlantAsked;
  readonly onFound: (found: FoundOtherwise) => void;
  readonly onClose: () => void;
}

const shares = ['10', '30', '50', '70', '90', '100'] as const;
const liveOptions = shares.map((value) => ({ value, label: `${value} %` }));
const yesNo = [
  { value: 'yes', label: 'Yes' },
  { value: 'no', label: 'No' },
] as const;
const tipOptions = [
  { value: 'none', label: 'None' },
  { value: 'starting', label: 'Starting' },
  { value: 'long', label: 'Long' },
] as const;

type Share = (typeof shares)[number];
const nearestShare = (pct: number): Share =>
  shares.reduce((best, one) => (Math.abs(Number(one) - pct) < Math.abs(Number(best) - pct) ? one : best));

export function FoundDialog({ asked, onFound, onClose }: FoundDialogProps) {
  const planCase = asked.case as PlanCase;
  const [live, setLive] = useState<Share>(nearestShare(planCase.liveRootsPct ?? 90));
  const [rot, setRot] = useState<'yes' | 'no'>(planCase.signs?.rot ? 'yes' : 'no');
  const [tips, setTips] = useState<'none' | 'starting' | 'long' | null>(planCase.signs?.tips ?? null);
  const keep = () => {
    const signs = { ...planCase.signs, rot: rot === 'yes', ...(tips === null ? {} : { tips }) };
    onFound({
      planCase: { ...planCase, liveRootsPct: Number(live), signs },
      isSuspect: rot === 'yes' || asked.isSuspect,
    });
  };
  return (
    <KeepDialog title="As it was found" okText="Its answer anew" isBusy={false} onKeep={keep} onClose={onClose}>
      <div>
        <p>Live roots</p>
        <Choice isWide label="Live roots" options={liveOptions} value={live} onChange={setLive} />
      </div>
      <div>
        <p>Rot, anywhere</p>
        <Choice isWide label="Rot" options={yesNo} value={rot} onChange={setRot} />
      </div>
      <div>
        <p>New root tips</p>
        <Choice isWide label="New root tips" options={tipOptions} value={tips ?? 'none'} onChange={setTips} />
      </div>
    </KeepDialog>
  );
}
