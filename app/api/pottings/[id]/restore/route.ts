export { bringPottingBack as POST } from '@server/events/handlers';
