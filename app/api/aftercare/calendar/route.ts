export { getAftercareCalendar as GET } from '@server/api/aftercare';
