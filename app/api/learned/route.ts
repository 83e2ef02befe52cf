export { getLearned as GET } from '@server/learned/handlers';

export const dynamic = 'force-dynamic';
