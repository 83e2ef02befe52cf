export { putOwn as PUT, putOwnAway as DELETE } from '@server/api/library';
