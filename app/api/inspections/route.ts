export { postInspection as POST } from '@server/api/events';
