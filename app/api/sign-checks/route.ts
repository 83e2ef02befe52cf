export { postSignCheck as POST } from '@server/api/events';
