/** What is asked when a plant has been looked over: its case, and what was seen. */
import { lazily } from '../base';
import { questionSchemas } from '../case';
import { inspectionSchema } from './inspection';

export const inspectQuestionSchema = lazily(() => questionSchemas().plan.extend({ inspection: inspectionSchema }));
