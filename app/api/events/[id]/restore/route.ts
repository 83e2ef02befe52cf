export { bringEventBack as POST } from '@server/events/handlers';
