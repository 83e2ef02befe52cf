export { saidOfSetup, type SaidSetup, saidSetupSchema, setupFromSaid, setupNow } from './said-setup';
