/** How many of the further questions have an answer. */
export function moreCount(answers: Readonly<Record<string, unknown>>): number {
  const single = [
    'stage',
    'fronts',
    'frontsRun',
    'plantCount',
    'mediaAtHand',
    'wentWell',
    'wentBadly',
    'dislikes',
    'liveRootsPct',
    'bulbs',
    'heightCm',
    'leafAreaCm2',
    'yearsWanted',
    'holiday',
    'heatWave',
    'waterKind',
    'waterDsM',
  ];
  const count = (value: unknown) =>
    typeof value === 'object' && value !== null
      ? Object.values(value).filter((entry) => entry !== undefined).length
      : 0;
  return (
    single.filter((key) => answers[key] !== undefined).length +
    count(answers.schools) +
    count(answers.feed) +
    count(answers.genusOverrides) +
    (answers.ownPots === undefined ? 0 : 1)
  );
}
