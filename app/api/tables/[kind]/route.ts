export { getTable as GET } from '@server/tables/handlers';

export const dynamic = 'force-dynamic';
