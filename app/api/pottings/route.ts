export { postPotting as POST } from '@server/events/handlers';
