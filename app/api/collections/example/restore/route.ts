export { bringExampleBack as POST } from '@server/api/collections';

export const dynamic = 'force-dynamic';
