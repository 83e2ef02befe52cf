import { Bench } from '@ui/features/bench/bench';

export default function BenchPage() {
  return <Bench />;
}
