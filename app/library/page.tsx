import { Library } from '@ui/library/library';

export default function LibraryPage() {
  return <Library />;
}
