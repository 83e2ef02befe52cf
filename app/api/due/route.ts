export { getDue as GET } from '@server/api/due';

export const dynamic = 'force-dynamic';
