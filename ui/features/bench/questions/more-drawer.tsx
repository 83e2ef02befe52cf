'use client';

/** Everything else a grower can say: the plant in hand, what differs from its genus, ways, pots, water and feed, absence. */
import { Drawer, Tabs } from 'antd';
import { AwayFields } from './away-fields';
import { GenusOverrideFields } from './genus-override-fields';
import { HandsFields } from './hands-fields';
import { PlantFields } from './plant-fields';
import { PotFields } from './pot-fields';
import { SchoolFields } from './school-fields';
import { WaterFields } from './water-fields';

interface MoreDrawerProps {
  readonly isOpen: boolean;
  readonly onClose: () => void;
}

export function MoreDrawer({ isOpen, onClose }: MoreDrawerProps) {
  return (
    <Drawer title="More to say" placement="left" size={600} open={isOpen} onClose={onClose}>
      <Tabs
        items={[
          { key: 'plant', label: 'Plant', children: <PlantFields /> },
          { key: 'hands', label: 'Your bench', children: <HandsFields /> },
          { key: 'ways', label: 'Opinions', children: <SchoolFields /> },
          { key: 'pots', label: 'Pots', children: <PotFields /> },
          { key: 'water', label: 'Water', children: <WaterFields /> },
          { key: 'away', label: 'Away', children: <AwayFields /> },
          { key: 'differs', label: 'Quirks', children: <GenusOverrideFields /> },
        ]}
      />
    </Drawer>
  );
}
