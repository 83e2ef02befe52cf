'use client';

/** The fields of each picker, and the look of the library they are made with: it comes with them. */
import { ThemeProvider } from '../../../theme/provider';
import { AwayFields } from '../questions/away-fields';
import { GenusOverrideFields } from '../questions/genus-override-fields';
import { HandsFields } from '../questions/hands-fields';
import { PlantFields } from '../questions/plant-fields';
import { PotFields } from '../questions/pot-fields';
import { SchoolFields } from '../questions/school-fields';
import { WaterFields } from '../questions/water-fields';
import type { PhraseId } from './phrases/phrases';
import { AndPicker } from './pickers/and-picker';
import { GenusPicker } from './pickers/genus-picker';
import { NowPicker } from './pickers/now-picker';
import { PlacePicker } from './pickers/place-picker';
import { RootsPicker } from './pickers/roots-picker';
import { SignsPicker } from './pickers/signs-picker';
import { SizePicker } from './pickers/size-picker';
import { WateringPicker } from './pickers/watering-picker';

interface PickerBodyProps {
  readonly id: PhraseId | 'and';
  /** Closes the picker: what is settled by one touch. */
  readonly onDone: () => void;
}

export function PickerBody(props: PickerBodyProps) {
  return (
    <ThemeProvider>
      <Fields {...props} />
    </ThemeProvider>
  );
}

function Fields({ id, onDone }: PickerBodyProps) {
  switch (id) {
    case 'genus':
      return <GenusPicker onDone={onDone} />;
    case 'roots':
      return <RootsPicker />;
    case 'shows':
      return <SignsPicker />;
    case 'place':
      return <PlacePicker onDone={onDone} />;
    case 'watering':
      return <WateringPicker />;
    case 'now':
      return <NowPicker />;
    case 'size':
      return <SizePicker />;
    case 'health':
      return <PlantFields />;
    case 'hands':
      return <HandsFields />;
    case 'opinions':
      return <SchoolFields />;
    case 'pots':
      return <PotFields />;
    case 'water':
      return <WaterFields />;
    case 'away':
      return <AwayFields />;
    case 'quirks':
      return <GenusOverrideFields />;
    case 'and':
      return <AndPicker />;
  }
}
