export { getNursing as GET } from '@server/api/aftercare';
