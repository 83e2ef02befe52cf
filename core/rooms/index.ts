export { type OutsideYear, outsideOf } from './outside';
export { type FigureOrigin, type RoomMonthUnsure, type RoomPlace, roomPlace } from './room-place';
