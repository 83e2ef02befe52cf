export { bringCareBack as POST } from '@server/care/handlers';
