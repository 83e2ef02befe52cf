export { redoList as POST } from '@server/lists/handlers';

export const dynamic = 'force-dynamic';
