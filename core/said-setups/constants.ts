import { byChoice, byDefinition, fromPractice, numbersOf } from '../base';

export const saidSetupConstants = {
  TOP_PIECES: fromPractice(2, 'pieces', 'deep: what lies on top'),
  LEAST_TOP_CM: byChoice(0.5, 'cm', 'of top dressing at least'),
  MOST_TOP_CM: byChoice(3, 'cm', 'of top dressing at most'),
  USUAL_RIM_CM: fromPractice(12, 'cm', 'wide: the pot most plants stand in'),
  USUAL_PAD_CM: fromPractice(1, 'cm', 'of moss behind a plant on a mount'),
  LEAST_LAYER_CM: byChoice(0.2, 'cm', 'under this there is no layer'),
  SLACK: byChoice(1e-6, '', 'by which binary fractions may miss a tenth'),
  MM_PER_CM: byDefinition(10, 'mm', 'in a centimetre'),
};

export const k = numbersOf(saidSetupConstants);
