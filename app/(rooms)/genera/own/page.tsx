import { OwnGenusPage } from '@ui/features/genera/own-genus-page';

export default function Page() {
  return <OwnGenusPage />;
}
