import { AwayPage } from '@ui/features/places/away/away-page';

export default function Page() {
  return <AwayPage />;
}
