/** What growers own themselves: media they measured, pots on their shelf. */
import * as z from 'zod';
import { faultCode } from '../base';
import { mediumIds } from '../catalogue/media';
import { potKindIds } from '../catalogue/vessels';
import { oneOf, quantity, textOf, wholeQuantity } from './quantities';

const ownMediumFields = z.strictObject({
  name: textOf('name of the medium', 1, 60),
  likeId: oneOf('likeId', mediumIds),
  smallMm: quantity('pieceMm').optional(),
  largeMm: quantity('pieceMm').optional(),
  airShare: quantity('share').optional(),
  capacityShare: quantity('share').optional(),
  depthCm: quantity('layerHeightCm').optional(),
  spreadShare: quantity('share').optional(),
});

export const growersMediumSchema = ownMediumFields.superRefine((own, check) => {
  if (own.smallMm !== undefined && own.largeMm !== undefined && own.largeMm < own.smallMm) {
    check.addIssue({
      code: 'custom',
      path: ['largeMm'],
      message: faultCode({ code: 'not less than', field: 'largeMm', than: 'smallMm' }),
    });
  }
  if ((own.airShare ?? 0) + (own.capacityShare ?? 0) >= 1) {
    check.addIssue({
      code: 'custom',
      path: ['airShare'],
      message: faultCode({ code: 'together less than 1', fields: ['airShare', 'capacityShare'] }),
    });
  }
  if ((own.airShare === undefined) !== (own.capacityShare === undefined)) {
    check.addIssue({
      code: 'custom',
      path: ['capacityShare'],
      message: faultCode({ code: 'given together', fields: ['airShare', 'capacityShare'] }),
    });
  }
});

export const growersPotSchema = z.strictObject({
  potKindId: oneOf('potKindId', potKindIds),
  rimDiameterCm: quantity('rimDiameterCm'),
  heightCm: quantity('potHeightCm').optional(),
  baseDiameterCm: quantity('baseDiameterCm').optional(),
  /** How many of them stand empty. */
  count: wholeQuantity('potCount').default(1),
});
export type GrowersPot = z.infer<typeof growersPotSchema>;
