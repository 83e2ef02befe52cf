export { getLibrary as GET, postLibrary as POST } from '@server/api/library';

export const dynamic = 'force-dynamic';
