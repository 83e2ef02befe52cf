export { postCare as POST } from '@server/care/handlers';
