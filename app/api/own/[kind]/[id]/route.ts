export { putOwn as PUT, putOwnAway as DELETE } from '@server/own/handlers';
