import dayjs from 'dayjs';

/** 14 March 2027 */
export const longDay = (day: string): string => dayjs(day).format('D MMMM YYYY');
