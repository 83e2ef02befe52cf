export { getOwnHistory as GET } from '@server/own/handlers';
