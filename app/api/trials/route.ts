export { getTrials as GET } from '@server/api/trials';
