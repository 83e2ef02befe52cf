export { undoList as DELETE } from '@server/lists/handlers';

export const dynamic = 'force-dynamic';
