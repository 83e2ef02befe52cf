'use client';

/** Everything else a grower can say: the plant in hand, what differs from its genus, ways, pots, absence. */
import { Drawer, Tabs } from 'antd';
import type { WordUnits } from '@core/words';
import type { BenchState } from '../bench/use-bench';
import { AwayFields } from './away-fields';
import { GenusOverrideFields } from './genus-override-fields';
import { PlantFields } from './plant-fields';
import { PotFields } from './pot-fields';
import { SchoolFields } from './school-fields';

interface MoreDrawerProps {
  readonly bench: BenchState;
  readonly units: WordUnits;
  readonly isOpen: boolean;
  readonly onClose: () => void;
}

export function MoreDrawer({ bench, units, isOpen, onClose }: MoreDrawerProps) {
  return (
    <Drawer title="More to say" placement="left" size={460} open={isOpen} onClose={onClose}>
      <Tabs
        items={[
          { key: 'plant', label: 'In hand', children: <PlantFields bench={bench} units={units} /> },
          { key: 'ways', label: 'Ways', children: <SchoolFields bench={bench} units={units} /> },
          { key: 'pots', label: 'Pots', children: <PotFields bench={bench} units={units} /> },
          { key: 'away', label: 'Away', children: <AwayFields bench={bench} units={units} /> },
          { key: 'differs', label: 'Differs', children: <GenusOverrideFields bench={bench} units={units} /> },
        ]}
      />
    </Drawer>
  );
}
