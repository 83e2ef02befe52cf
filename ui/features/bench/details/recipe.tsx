import {
  cm,
  gradeText,
  litres,
  number,
  percent,
  type SetupReview,
  type WordUnits,
  airAfterWatering,
} from '@core/words';
import styles from './details.module.css';

interface RecipeProps {
  readonly review: SetupReview;
  readonly units: WordUnits;
}

/** Layers from the bottom, with what to take out of each bag; then pot, position and depth. */
export function Recipe({ review, units }: RecipeProps) {
  const { vessel } = review.spec;
  const isMount = vessel.kind === 'mount';
  const isBare = vessel.kind === 'mount' && vessel.padThicknessCm <= 0;
  const placing = review.reasons.filter((reason) => reason.code === 'position' || reason.code === 'depth');
  return (
    <div>
      <h2>{isMount ? 'On the mount' : 'From the bottom'}</h2>
      {isBare ? <p>No medium: the roots lie bare.</p> : null}
      <ol hidden={isBare} className={styles.layers}>
        {review.layers.map((layer, i) => (
          <li key={i}>
            <strong>
              {cm(layer.heightCm, units)} {isMount ? 'moss pad' : layer.role} · {litres(layer.volumeL)}
            </strong>
            <ul>
              {layer.bags.map((bag, k) => {
                const parts = layer.mix[k]!.parts;
                return (
                  <li key={bag.mediumId}>
                    {layer.isSideBySide
                      ? `${k === 0 ? 'one side' : 'the other side'}: `
                      : layer.mix.length > 1
                        ? `${number(parts, 1)} ${parts === 1 ? 'part' : 'parts'} `
                        : ''}
                    {gradeText(bag, units)}: take {litres(bag.takeL)}
                  </li>
                );
              })}
            </ul>
          </li>
        ))}
      </ol>
      <h2>{isMount ? 'Mount' : 'Pot'}</h2>
      <p>
        {review.vesselText}.{isBare ? '' : airAfterWatering(percent(review.airAfterWatering))}
      </p>
      {placing.length > 0 ? <h2>Plant</h2> : null}
      {placing.map((reason) => (
        <p key={reason.code}>{reason.sentence}</p>
      ))}
      {isBare ? null : (
        <p className={styles.small}>Litres are as poured from the bag: mixing and settling are allowed for.</p>
      )}
    </div>
  );
}
