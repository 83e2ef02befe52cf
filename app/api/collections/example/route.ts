export { removeExample as DELETE } from '@server/api/collections';

export const dynamic = 'force-dynamic';
