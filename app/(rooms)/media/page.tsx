import { MediaPage } from '@ui/features/media/media-page';

export default function Page() {
  return <MediaPage />;
}
