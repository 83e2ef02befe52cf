export { postCare as POST } from '@server/api/journal';
