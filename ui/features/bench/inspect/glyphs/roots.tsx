/** Roots side by side: so many of six firm, the others dead. */
import { ROOT, ROOT_LINE } from '../../../../drawing/plant/colors';

const DEAD = '#7a6248';

export function Roots({ alive }: { readonly alive: number }) {
  const runs = [
    'M8 6 C6 18 11 28 7 42',
    'M15 6 C17 18 12 30 16 43',
    'M22 6 C20 20 25 28 21 42',
    'M29 6 C31 18 26 30 30 43',
    'M36 6 C34 18 39 28 35 42',
    'M42 6 C43 16 40 26 42 38',
  ];
  return (
    <>
      {runs.map((d, n) =>
        n < alive ? (
          <g key={d} fill="none" strokeLinecap="round">
            <path d={d} stroke={ROOT_LINE} strokeWidth={5} />
            <path d={d} stroke={ROOT} strokeWidth={3.6} />
          </g>
        ) : (
          <path key={d} d={d} fill="none" stroke={DEAD} strokeWidth={2} strokeDasharray="4 3" />
        ),
      )}
    </>
  );
}
