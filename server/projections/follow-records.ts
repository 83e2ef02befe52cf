/** What is computed from records follows them; imported for its effect wherever records are written. */
import { followLives } from '../records/changes/lives';
import { refreshPlantState } from './plant-state/refresh';

followLives(refreshPlantState);
