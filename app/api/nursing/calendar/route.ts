export { getNursingCalendar as GET } from '@server/nursing/handlers';
