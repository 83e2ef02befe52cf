export { postPlan as POST } from '@server/api/plan';
