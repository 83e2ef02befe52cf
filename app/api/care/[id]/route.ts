export { putCareAway as DELETE } from '@server/care/handlers';
