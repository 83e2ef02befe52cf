export { getWaiting as GET } from '@server/waiting/handlers';
