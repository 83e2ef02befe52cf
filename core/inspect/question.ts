/** What is asked when a plant has been looked over: its case, and what was seen. */
import { type PlaceBook, questionSchemas } from '../case';
import { inspectionSchema } from './inspection';

export const inspectQuestionFor = (places: PlaceBook) =>
  questionSchemas(places).plan.extend({ inspection: inspectionSchema });
