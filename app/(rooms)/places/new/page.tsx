import { DescribePage } from '@ui/features/places/describe/describe-page';

export default function Page() {
  return <DescribePage />;
}
