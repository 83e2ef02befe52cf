import { CollectionsPage } from '@ui/features/collections/collections-page';

export default function Page() {
  return <CollectionsPage />;
}
