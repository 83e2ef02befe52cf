export { postLook as POST } from '@server/api/events';
