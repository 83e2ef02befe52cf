import { FilesPage } from '@ui/features/plants/files/files-page';

export default function Page() {
  return <FilesPage />;
}
