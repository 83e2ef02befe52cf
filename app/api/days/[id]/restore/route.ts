export { bringDayBack as POST } from '@server/days/handlers';
