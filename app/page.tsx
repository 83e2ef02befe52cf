import { Bench } from '@ui/features/bench/bench';
import { Welcome } from '@ui/features/collections/welcome';
import { askedCollection } from '@server/runtime/gateway/asked-collection';

export default function BenchPage() {
  return askedCollection() === 'unchosen' ? <Welcome /> : <Bench />;
}
