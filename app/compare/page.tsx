import { ComparePage } from '@ui/compare/compare-page';

export default function Page() {
  return <ComparePage />;
}
