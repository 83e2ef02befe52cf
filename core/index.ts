/** The public surface of the core. Screens, routes and the command line import from here. */
export * from './provenance';
export * from './units/ranges';
export * from './units/convert';
export * from './air';
export * from './media';
export * from './pots';
export * from './plants';
export * from './drydown';
export * from './case';
export * from './setups';
export * from './rules';
export * from './placement';
export * from './timing';
export * from './aftercare';
export * from './words/format';
export * from './words/titles';
export * from './words/reasons';
export { demoPlaces, demoPlaceById, demoPlaceIds } from './demo/places';
