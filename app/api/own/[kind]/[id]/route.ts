export { putOwnAway as DELETE } from '@server/own/handlers';
