export { putPotting as PUT } from '@server/events/handlers';
