export { putEvent as PUT, putEventAway as DELETE } from '@server/api/events';
