export { postDayEntry as POST } from '@server/days/handlers';
