export { getTowns as GET } from '@server/api/towns';

export const dynamic = 'force-dynamic';
