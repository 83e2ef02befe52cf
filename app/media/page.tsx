import { MediaPage } from '@ui/media/media-page';

export default function Page() {
  return <MediaPage />;
}
