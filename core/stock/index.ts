export { amountNow, type StockEntry, type StockEntryKind, stockEntryKinds, toThousandths } from './amount';
export { type AtHand, atHandOf } from './at-hand';
export { servesNow } from './serves';
export { canServe, type InStock, stockNeedsOf, type StockNeed, type StockTake, takesFrom } from './needs';
export { type Cost, costOf, type Sum, unitPrice } from './price';
export {
  type StockItem,
  stockItemSchema,
  stockName,
  type StockThing,
  stockThingSchema,
  stockUnitOf,
  type StockUnit,
  sundryKinds,
  type UsedMediumState,
  usedMediumStates,
  usedVesselStates,
  usesLeftOf,
} from './thing';
