import { listPlaces } from '@server/collection/places';
import { entityManager } from '@server/db/orm';
import { PlacesPage } from '@ui/places/places-page';

export const dynamic = 'force-dynamic';

export default async function Page() {
  const own = await listPlaces(await entityManager());
  return <PlacesPage own={JSON.parse(JSON.stringify(own)) as typeof own} />;
}
