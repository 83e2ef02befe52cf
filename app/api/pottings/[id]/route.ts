export { putPotting as PUT } from '@server/api/events';
