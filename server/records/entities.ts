/** The tables of all records, as the program reads them. */
import { GrowersCollection } from './collections/entity';
import { DayEntryRow, PottingDay } from './days/entity';
import { Intake } from './intakes/entity';
import { EventBefore, PlantEvent } from './journal/entity';
import { LibraryItem, LibraryItemBefore } from './library/entity';
import { Photo } from './photos/entity';
import { StoredPlace } from './places/entity';
import { Plant, PlantBefore } from './plants/entity';
import { StockEntry } from './stock/entity';

export const entities = [
  GrowersCollection,
  DayEntryRow,
  PottingDay,
  EventBefore,
  Intake,
  LibraryItem,
  LibraryItemBefore,
  Photo,
  Plant,
  PlantBefore,
  PlantEvent,
  StockEntry,
  StoredPlace,
];
