export { postDayEntry as POST } from '@server/api/days';
