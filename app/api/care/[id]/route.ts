export { putCareAway as DELETE } from '@server/api/journal';
