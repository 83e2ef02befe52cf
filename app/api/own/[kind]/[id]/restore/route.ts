export { bringOwnBack as POST } from '@server/own/handlers';
