export { getDays as GET } from '@server/days/handlers';
