export { saidOfSetup, type SaidSetup, saidSetupSchema, setupFromSaid } from './said-setup';
