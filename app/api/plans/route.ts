export { postPlan as POST } from '@server/events/handlers';
