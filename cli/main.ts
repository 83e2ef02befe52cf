/** The core on the command line: JSON in, JSON out. */
import { z } from 'zod';
import { drydownCaseSchema, faultText, makePlan, mixCaseSchema, placeSchema, type PlanCase, planCaseSchema, readPlaceFile, realiseMix, reportMix, resolveCase, runAllPractice, sensitivityOf, setupCurve, type SetupSpec, summarizePlace, tuneCaseSchema, tuneToRoutine, turnsOf, whatIf, type WhatIf, whatIfCaseSchema } from '@core';
import { readJson, readText, refuse, UsageError } from './input';

const usage = `usage:
  cairn plan FILE       ranked setups for a case, what was ruled out, how sure it is, what would change it
  cairn drydown FILE    the hourly curve of a setup ("setup", or the best one)
  cairn whatif FILE     a setup beside the same with a "change"
  cairn tune FILE       the smallest change that puts the watering on the grower's day
  cairn mix FILE        what a mix holds, and what to take out of the bags
  cairn place FILE      an EPW file, a logger's or a monthly CSV, or JSON, as a place with its summary
  cairn practice        what the model says beside what growers do
  cairn schema plan     the JSON Schema of a case (also: drydown, whatif, tune, mix, place)
FILE may be - for standard input.`;

const schemas: Readonly<Record<string, z.ZodType>> = {
  plan: planCaseSchema,
  drydown: drydownCaseSchema,
  whatif: whatIfCaseSchema,
  tune: tuneCaseSchema,
  mix: mixCaseSchema,
  place: placeSchema,
};

/** How many of the leading setups the sensitivity looks at. */
const LEADERS = 3;

function bestSpec(planCase: PlanCase): SetupSpec {
  const spec = makePlan(planCase).setups[0]?.spec;
  if (!spec) throw new UsageError('no setup is possible for this case: see cairn plan');
  return spec;
}

function print(value: unknown): void {
  process.stdout.write(`${JSON.stringify(value, null, 2)}\n`);
}

async function run(command: string | undefined, argument: string | undefined): Promise<void> {
  switch (command) {
    case 'plan': {
      const planCase = await readJson(argument, planCaseSchema);
      const { setups, ruledOut, timing, resolved, candidateCount, yearsComputed } = makePlan(planCase);
      const specs = setups.map((setup) => setup.spec);
      const sensitivity = specs.length > 0 ? sensitivityOf(planCase, specs.slice(0, LEADERS)) : null;
      const turns = turnsOf(planCase, specs);
      print({ setups, ruledOut, timing, sensitivity, turns, case: resolved, candidateCount, yearsComputed });
      return;
    }
    case 'drydown': {
      const { setup, ...planCase } = await readJson(argument, drydownCaseSchema);
      const spec = setup ?? bestSpec(planCase);
      const monthIndex = (planCase.month ?? 4) - 1;
      print({ setup: spec, month: monthIndex + 1, ...setupCurve(planCase, spec, monthIndex) });
      return;
    }
    case 'whatif': {
      const { setup, change, ...planCase } = await readJson(argument, whatIfCaseSchema);
      const spec = setup ?? bestSpec(planCase);
      print(whatIf(planCase, spec, change as WhatIf, resolveCase(planCase).monthIndex));
      return;
    }
    case 'tune': {
      const { setup, ...planCase } = await readJson(argument, tuneCaseSchema);
      print(tuneToRoutine(planCase, setup ?? bestSpec(planCase)));
      return;
    }
    case 'mix': {
      const { parts, depthCm, wantedL, monthsOld } = await readJson(argument, mixCaseSchema);
      print({ monthsOld, ...reportMix(realiseMix(parts), depthCm, wantedL, monthsOld) });
      return;
    }
    case 'place': {
      const text = await readText(argument);
      const reading = readPlaceFile(text, { name: argument ?? 'place', latitudeDeg: 45, longitudeDeg: 0 });
      if (reading.status === 'refused') throw new UsageError(reading.faults.map(faultText).join('\n'));
      print({ place: reading.place, remarks: reading.remarks, summary: summarizePlace(reading.place) });
      return;
    }
    case 'practice':
      print(runAllPractice());
      return;
    case 'schema': {
      const schema = schemas[argument ?? ''];
      if (!schema) throw new UsageError(`schema must be one of: ${Object.keys(schemas).join(', ')}`);
      print(z.toJSONSchema(schema, { io: 'input' }));
      return;
    }
    default:
      throw new UsageError(usage);
  }
}

// A reader that closes the pipe early (head) is no fault of ours.
process.stdout.on('error', (error: NodeJS.ErrnoException) => {
  if (error.code !== 'EPIPE') throw error;
});

run(process.argv[2], process.argv[3]).catch((error: unknown) => {
  if (error instanceof UsageError) process.stderr.write(`${error.message}\n`);
  else refuse(error);
  process.exitCode = 2;
});
