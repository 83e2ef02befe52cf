export { postQuickEntries as POST } from '@server/api/journal';
