export { getDay as GET, putDay as PUT, putDayAway as DELETE } from '@server/api/days';
