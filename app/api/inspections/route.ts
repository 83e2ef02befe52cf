export { postInspection as POST } from '@server/events/handlers';
