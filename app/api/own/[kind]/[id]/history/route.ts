export { getOwnHistory as GET } from '@server/api/library';
