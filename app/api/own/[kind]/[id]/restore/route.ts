export { bringOwnBack as POST } from '@server/api/library';
