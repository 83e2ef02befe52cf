export { undoList as DELETE } from '@server/api/lists';

export const dynamic = 'force-dynamic';
