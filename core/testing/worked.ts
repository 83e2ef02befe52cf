/** Shapes of worked cases: one without an expectation does not compile. */

/** At least one of the fields is there. */
export type AtLeastOne<T> = { [K in keyof T]-?: Required<Pick<T, K>> & Partial<Omit<T, K>> }[keyof T];

/** A list that says something. */
export type Some<T> = readonly [T, ...T[]];

/** Least and most. */
export type Between = readonly [number, number];

/** A case with its name and at least one thing that must hold of its answer. */
export type Worked<Asked, Expected> = { readonly name: string; readonly planCase: Asked } & AtLeastOne<Expected>;
