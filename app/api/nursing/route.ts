export { getNursing as GET } from '@server/nursing/handlers';
