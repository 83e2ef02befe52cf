export { getTable as GET } from '@server/api/tables';

export const dynamic = 'force-dynamic';
