export { postPotting as POST } from '@server/api/events';
