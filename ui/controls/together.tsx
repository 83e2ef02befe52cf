/** A text in which a range stays in one piece with its unit: a dash would let it break. */
import { nb } from './nb';

/** "9–15 mm", "0.5–1 L", with the space that does not break. */
const RANGE = /(\d+(?:\.\d+)?–\d+(?:\.\d+)?(?:\u00a0\S+)?)/;

export function Together({ text }: { readonly text: string }) {
  return nb(text)
    .split(RANGE)
    .map((part, i) =>
      // What the pattern caught stands at every second place.
      i % 2 === 1 ? (
        <span key={i} style={{ whiteSpace: 'nowrap' }}>
          {part}
        </span>
      ) : (
        part
      ),
    );
}
