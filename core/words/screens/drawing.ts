/** Sentences on the screens of drawings. */
import { plural } from '../phrasing/format';

export const growthMover = (plantNumber: number | null, fromMiddle: string): string =>
  `Move ${plantNumber === null ? 'the plant' : `plant ${plantNumber}`}: ${fromMiddle} from the middle. Arrow keys move it, comma and full stop turn it`;
export const growthFromAbove = (potWidth: string): string =>
  `From above, a ${potWidth} pot: where growth may be year by year`;
export const shootsFromAbove = (shoots: number, newShoots: number | null): string =>
  `${plural(shoots, 'shoot')} from above${newShoots === null ? '' : `, ${newShoots} of them new since the map before`}`;
export const shootName = (kind: string, n: number, plantNumber: number | null): string =>
  `${kind} ${n}${plantNumber === null ? '' : ` of plant ${plantNumber}`}`;
export const piecesBesideRoots = (medium: string): string => `Pieces of ${medium} beside roots, to one scale`;
export const waterOnMount = (grams: string): string => `${grams} g of water on the mount`;
export const wetFoot = (height: string): string => `Wet foot: ${height} with its passages full after draining`;
export const shortenedPlant = (height: string): string => `plant ${height} tall, shortened here`;
export const habitToScale = (genus: string): string => `How ${genus} stands, to scale`;
export const rootsBesidePieces = (range: string): string => `Roots of ${range} beside pieces of media, to one scale`;
export const tubToScale = (height: string): string => `The mix ${height} deep, to scale; water by height beside it`;
export const shootsByYear = (years: string): string => `Shoots from above by the year they came: ${years}`;
