export { getWaiting as GET } from '@server/api/sign-watch';
