export { bringDayBack as POST } from '@server/api/days';
