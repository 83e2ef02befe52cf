/** The shape of what was seen on a plant. */
import * as z from 'zod';
import { oneOf, yesOrNo } from './quantities';
import { shootStates, tipStates } from './signs';

export const signsSchema = z.strictObject({
  /** New root tips. */
  tips: oneOf('signs.tips', tipStates).optional(),
  /** The newest shoot. */
  shoot: oneOf('signs.shoot', shootStates).optional(),
  inBloom: yesOrNo('signs.inBloom').optional(),
  leavesShed: yesOrNo('signs.leavesShed').optional(),
  resting: yesOrNo('signs.resting').optional(),
  /** Seen or smelt. */
  rot: yesOrNo('signs.rot').optional(),
  wobbles: yesOrNo('signs.wobbles').optional(),
  /** Out of its pot, or the pot is broken. */
  noPot: yesOrNo('signs.noPot').optional(),
});
