export { putPottingAway as DELETE } from '@server/events/handlers';
