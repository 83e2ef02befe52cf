export { putEventAway as DELETE } from '@server/events/handlers';
