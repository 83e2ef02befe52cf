import { ComparePage } from '@ui/features/compare/compare-page';

export default function Page() {
  return <ComparePage />;
}
