import { Bench } from '@ui/bench/bench';

export default function BenchPage() {
  return <Bench />;
}
