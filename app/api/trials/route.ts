export { getTrials as GET } from '@server/trials/handlers';
