export { getSignWatch as GET } from '@server/api/sign-watch';
