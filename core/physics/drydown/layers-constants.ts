/** The number behind what lies in a vessel or on a mount. */
import { fromMemory } from '../../base';

export const layersConstants = {
  COVERED_SHARE: fromMemory(0.45, 'share', 'of the mount’s face that pad or roots cover'),
} as const;

export const COVERED_SHARE = layersConstants.COVERED_SHARE.value;
