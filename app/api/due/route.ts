export { getDue as GET } from '@server/due/handlers';

export const dynamic = 'force-dynamic';
