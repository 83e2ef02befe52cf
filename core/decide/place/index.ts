export { betterPlaces, type FitCause, type FitVerdict, type MonthFit, type PlaceFit, placeFit } from './fit';
