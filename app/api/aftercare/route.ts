export { getAftercare as GET } from '@server/api/aftercare';
