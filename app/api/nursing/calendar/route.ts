export { getNursingCalendar as GET } from '@server/api/aftercare';
