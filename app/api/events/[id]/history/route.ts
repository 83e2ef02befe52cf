export { getEventHistory as GET } from '@server/api/events';
