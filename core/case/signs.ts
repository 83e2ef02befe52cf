/** What the plant shows: each thing looked at for itself. What was not looked at stays unknown, and is never asserted. */

export const tipStates = ['none', 'starting', 'long'] as const;
export type TipState = (typeof tipStates)[number];

export const shootStates = ['none', 'starting', 'half grown', 'rooting'] as const;
export type ShootState = (typeof shootStates)[number];

/** Things that are there or not. */
export const plainSigns = ['inBloom', 'leavesShed', 'resting', 'rot', 'wobbles', 'noPot'] as const;
export type PlainSign = (typeof plainSigns)[number];

/** null: not looked at. */
export type Signs = {
  readonly tips: TipState | null;
  readonly shoot: ShootState | null;
} & { readonly [Sign in PlainSign]: boolean | null };

/** As it is said: what is left out was not looked at. */
export type SignsSaid = {
  readonly tips?: TipState | undefined;
  readonly shoot?: ShootState | undefined;
} & { readonly [Sign in PlainSign]?: boolean | undefined };

export function signsOf(given: SignsSaid = {}): Signs {
  return {
    tips: given.tips ?? null,
    shoot: given.shoot ?? null,
    inBloom: given.inBloom ?? null,
    leavesShed: given.leavesShed ?? null,
    resting: given.resting ?? null,
    rot: given.rot ?? null,
    wobbles: given.wobbles ?? null,
    noPot: given.noPot ?? null,
  };
}

/** New root tips were seen. */
export function showsTips({ tips }: Signs): boolean {
  return tips === 'starting' || tips === 'long';
}

/** Nobody has looked whether there are new root tips. */
export function tipsUnknown({ tips }: Signs): boolean {
  return tips === null;
}

/** A new shoot was seen, whose roots will follow. */
export function showsShoot({ shoot }: Signs): boolean {
  return shoot !== null && shoot !== 'none';
}
