export { bringBatchBack as POST } from '@server/api/journal';
