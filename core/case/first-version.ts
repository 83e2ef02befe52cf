/** A case as it was asked first: one state for all that a plant shows, and a yes or no for its root tips. */

type Json = Readonly<Record<string, unknown>>;

const isObject = (value: unknown): value is Json =>
  typeof value === 'object' && value !== null && !Array.isArray(value);

/** What each of the old states says that was seen; a failing plant had few live roots. */
const seenIn: Readonly<Record<string, Json>> = {
  'growing, new root tips': { signs: { tips: 'starting' } },
  'new shoot starting': { signs: { shoot: 'starting' } },
  'no new growth': { signs: { tips: 'none', shoot: 'none' } },
  'in bud or bloom': { signs: { inBloom: true } },
  dormant: { signs: { resting: true } },
  'failing, poor roots': { liveRootsPct: 20, signs: { tips: 'none' } },
};

/** A case of the first version as one of the second; one without a state, or anything else, as it is. */
function caseWithSigns(old: Json): Json {
  if (!('state' in old) && !('hasNewTips' in old)) return old;
  const { state, hasNewTips, ...rest } = old;
  // What never was an answer stays, and is refused with its name.
  if (state !== undefined && !(typeof state === 'string' && Object.hasOwn(seenIn, state))) return old;
  if (hasNewTips !== undefined && typeof hasNewTips !== 'boolean') return old;
  const { signs, ...seen } = state === undefined ? {} : seenIn[state]!;
  const tips = hasNewTips === undefined ? {} : { tips: hasNewTips ? 'starting' : 'none' };
  return { ...seen, ...rest, signs: { ...(signs as Json | undefined), ...tips, ...(rest.signs as Json | undefined) } };
}

/** The same for a question that is a case, and for one that holds a case. */
export function withSigns(old: unknown): unknown {
  if (!isObject(old)) return old;
  const own = caseWithSigns(old);
  return isObject(own.planCase) ? { ...own, planCase: caseWithSigns(own.planCase) } : own;
}
