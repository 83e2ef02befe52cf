export { getEventHistory as GET } from '@server/events/handlers';
