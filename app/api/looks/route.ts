export { postLook as POST } from '@server/events/handlers';
