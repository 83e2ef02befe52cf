export { getHandsRecord as GET } from '@server/api/insights';

export const dynamic = 'force-dynamic';
