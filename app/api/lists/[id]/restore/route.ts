export { redoList as POST } from '@server/api/lists';

export const dynamic = 'force-dynamic';
