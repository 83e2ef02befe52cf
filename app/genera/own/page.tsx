import { OwnGenusPage } from '@ui/genera/own-genus-page';

export default function Page() {
  return <OwnGenusPage />;
}
