export { postPlan as POST } from '@server/api/events';
