export { putBatchAway as DELETE } from '@server/api/journal';
