import { GrowersGenusPage } from '@ui/features/genera/growers-genus-page';

export default function Page() {
  return <GrowersGenusPage />;
}
