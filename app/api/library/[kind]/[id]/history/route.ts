export { getLibraryHistory as GET } from '@server/api/library';
