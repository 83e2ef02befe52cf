import { SolutionsPage } from '@ui/features/solutions/solutions-page';

export default function Page() {
  return <SolutionsPage />;
}
