export { bringCareBack as POST } from '@server/api/journal';
