/** What is asked of the core for the outlook of a plant on file. */
import type { EntityManager } from '@mikro-orm/postgresql';
import {
  checkWith,
  type PlanCase,
  plantToday,
  questionVersions,
  readQuestion,
  type SetupSpec,
  setupSpecSchema,
  upgraded,
} from '@core';
import * as z from 'zod';
import type { OutlookQuestion } from '../../runtime/worker-pool/worker';
import type { PottingEntry } from '../../records/journal/entry-schemas';
import { lifeOf } from '../../records/journal/record';
import { Plant } from '../../records/plants/entity';
import { planCaseSchema } from '../../records/plants/case-schemas';
import type { Scope } from '../../records/collections/scope';

const readCase = (raw: unknown, version: number): PlanCase | null => {
  const current = upgraded(raw, version, questionVersions);
  if (current.status !== 'ok') return null;
  const read = readQuestion(planCaseSchema, { ...(current.value as object), version: questionVersions.newest });
  return read.status === 'ok' ? (read.value as PlanCase) : null;
};

const savedSpecSchema = z.looseObject({ id: z.string() });

function pottedAs(entry: PottingEntry): { planCase: PlanCase; spec: SetupSpec } | null {
  const planCase = readCase(entry.planCase, questionVersions.newest);
  const carried = savedSpecSchema.safeParse(entry.spec);
  if (planCase === null || !carried.success) return null;
  const { id: _id, ...bare } = carried.data;
  const spec = checkWith(setupSpecSchema, bare);
  return spec.status === 'ok' ? { planCase, spec: spec.value } : null;
}

/** The plant as it was potted, where it stands now, at its own pace; null where this program cannot read it. */
export async function outlookQuestion(
  em: EntityManager,
  scope: Scope,
  plantId: string,
): Promise<OutlookQuestion | null> {
  const plant = await em.findOne(Plant, { id: plantId, collection: scope.collectionId });
  const lastCase = plant && readCase(plant.lastCase, plant.caseVersion);
  if (!lastCase) return null;
  const { pottings, inspections } = await lifeOf(em, scope, plantId);
  const [newest] = pottings;
  if (!newest) return { planCase: lastCase, spec: null };
  const potted = pottedAs(newest);
  if (!potted) return null;
  const life = { lastCase, pottings: [{ pottedOn: newest.pottedOn, ...potted }], inspections };
  const { genusOverrides } = plantToday(life, newest.pottedOn).planCase;
  const { routine = potted.planCase.routine } = lastCase;
  return { planCase: { ...potted.planCase, place: lastCase.place, routine, genusOverrides }, spec: potted.spec };
}
