/** What growers own themselves: media they measured, pots on their shelf. */
import { z } from 'zod';
import { mediumIds } from '../catalogue/media';
import { potKindIds } from '../catalogue/vessels';
import { oneOf, quantity, wholeQuantity } from './quantities';

const NAME_MESSAGE = 'name of the medium must be between 1 and 60 characters';

const ownMediumFields = z.strictObject({
  name: z.string({ error: NAME_MESSAGE }).trim().min(1, { error: NAME_MESSAGE }).max(60, { error: NAME_MESSAGE }),
  likeId: oneOf('likeId', mediumIds),
  smallMm: quantity('pieceMm').optional(),
  largeMm: quantity('pieceMm').optional(),
  airShare: quantity('share').optional(),
  capacityShare: quantity('share').optional(),
  depthCm: quantity('layerHeightCm').optional(),
  spreadShare: quantity('share').optional(),
});

export const ownMediumSchema = ownMediumFields.superRefine((own, check) => {
  if (own.smallMm !== undefined && own.largeMm !== undefined && own.largeMm < own.smallMm) {
    check.addIssue({ code: 'custom', path: ['largeMm'], message: 'largeMm must not be less than smallMm' });
  }
  if ((own.airShare ?? 0) + (own.capacityShare ?? 0) >= 1) {
    check.addIssue({
      code: 'custom',
      path: ['airShare'],
      message: 'airShare and capacityShare together must be less than 1: the pieces take room too',
    });
  }
  if ((own.airShare === undefined) !== (own.capacityShare === undefined)) {
    check.addIssue({
      code: 'custom',
      path: ['capacityShare'],
      message: 'airShare and capacityShare must be given together',
    });
  }
});

export const ownPotSchema = z.strictObject({
  potKindId: oneOf('potKindId', potKindIds),
  rimDiameterCm: quantity('rimDiameterCm'),
  heightCm: quantity('potHeightCm').optional(),
  baseDiameterCm: quantity('baseDiameterCm').optional(),
  /** How many of them stand empty. */
  count: wholeQuantity('potCount').default(1),
});
export type OwnPot = z.infer<typeof ownPotSchema>;
