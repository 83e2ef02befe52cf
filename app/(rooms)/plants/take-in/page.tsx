import { TakeIn } from '@ui/features/plants/take-in/take-in';

export default function Page() {
  return <TakeIn />;
}
