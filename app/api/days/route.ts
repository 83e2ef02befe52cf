export { getDays as GET } from '@server/api/days';
