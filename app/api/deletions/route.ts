export { postDeletions as POST } from '@server/api/deletions';

export const dynamic = 'force-dynamic';
