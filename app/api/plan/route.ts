export { postPlan as POST } from '@server/plan/handlers';
