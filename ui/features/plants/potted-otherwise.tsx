'use client';

/** What it was potted in, written down without having been proposed; today or long ago. */
import dynamic from 'next/dynamic';
import { useState } from 'react';
import { type PlanCase, setupNow } from '@core';
import { keptInLogOf } from '@core/words';
import type { PlantLog } from '@server/projections/plants/schemas';
import { Button } from '../../controls/button';
import { messages } from '../../data/messages';
import { readSaved } from '../../data/saved-plan';

const KeepItDialog = dynamic(() => import('../../potting/keep-it-dialog').then((file) => file.KeepItDialog), {
  ssr: false,
});

/** planCase: of the plant as it is today. */
export function PottedOtherwise({ log, planCase }: { readonly log: PlantLog; readonly planCase: PlanCase }) {
  const [isOpen, setOpen] = useState(false);
  const last = log.pottings[0] ? readSaved(log.pottings[0]) : null;
  return (
    <>
      <Button isLarge aria-haspopup="dialog" onClick={() => setOpen(true)}>
        Potted it…
      </Button>
      {isOpen ? (
        <KeepItDialog
          way="potted"
          isOther
          entry={null}
          planCase={planCase}
          spec={last?.spec ?? setupNow(planCase)}
          plantId={log.id}
          plantName={log.name}
          plantVersion={log.version}
          onClose={() => setOpen(false)}
          onSaved={(saved) => {
            setOpen(false);
            messages.success(keptInLogOf(saved.name));
          }}
        />
      ) : null}
    </>
  );
}
