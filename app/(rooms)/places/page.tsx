import { PlacesPage } from '@ui/features/places/places-page';

export default function Page() {
  return <PlacesPage />;
}
