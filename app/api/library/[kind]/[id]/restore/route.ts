export { bringLibraryBack as POST } from '@server/api/library';
