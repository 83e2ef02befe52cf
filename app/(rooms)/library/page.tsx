import { Library } from '@ui/features/library/library';

export default function LibraryPage() {
  return <Library />;
}
