export { bringEventBack as POST } from '@server/api/events';
