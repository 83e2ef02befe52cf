/** What each side of a question would do here, and what that costs. */
import { makePlan, type SetupCosts, type SetupFacts } from '../advise';
import type { PlanCase } from '../case';
import { schoolById, type SchoolId } from '../catalogue/schools';

export interface SideFact {
  readonly sideId: string;
  readonly name: string;
  readonly argument: string;
  readonly isHouse: boolean;
  /** The setup this side would take; null when it leaves none. */
  readonly setup: SetupFacts | null;
  readonly costs: SetupCosts | null;
}

export interface SidesFacts {
  readonly schoolId: SchoolId;
  readonly question: string;
  readonly houseReason: string;
  readonly sides: readonly SideFact[];
}

export function compareSides(
  planCase: PlanCase,
  schoolId: SchoolId,
  onProgress: (done: number, total: number) => void = () => undefined,
): SidesFacts {
  const school = schoolById(schoolId);
  const sides = school.sides.map((side, index): SideFact => {
    const sided: PlanCase = { ...planCase, schools: { ...planCase.schools, [schoolId]: side.id } };
    const setup = makePlan(sided).setups[0] ?? null;
    onProgress(index + 1, school.sides.length);
    return {
      sideId: side.id,
      name: side.name,
      argument: side.argument,
      isHouse: side.id === school.houseSide,
      setup,
      costs: setup?.costs ?? null,
    };
  });
  return { schoolId, question: school.question, houseReason: school.houseReason, sides };
}
