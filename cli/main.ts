/** The core on the command line: JSON in, JSON out. */
import * as z from 'zod';
import {
  dayQuestionSchema,
  findNames,
  genusOf,
  growthInPots,
  inspectQuestionSchema,
  makePlan,
  type NameMatch,
  placeSchema,
  prepareDay,
  type PlanCase,
  casesTable,
  missedIn,
  practiceTable,
  reportOf,
  runCase,
  workedCases,
  questionSchemas,
  questionVersions,
  speciesThatDiffers,
  realiseMix,
  reportMix,
  resolveCase,
  roomAnswersSchema,
  runAllPractice,
  sensitivityOf,
  settleDay,
  setupCurve,
  skippedSteps,
  type SetupSpec,
  toDoAfter,
  tuneToRoutine,
  turnsOf,
  versioned,
  whatIf,
  type WhatIf,
  withInspection,
} from '@core';
import {
  metricWords,
  wordDay,
  wordPlan,
  wordSensitivity,
  wordToDo,
  wordTuning,
  wordTurn,
  wordWhatIf,
} from '@core/words';
import { archiveSchema } from '../server/exchange/archive/schemas';
import { listInputSchema } from '../server/exchange/lists/schemas';
import { stockAddSchema } from '../server/records/stock/schemas';
import { readJson, refusalText, UsageError } from './input';
import { placeDescribed } from './place-described';
import { placeOfFile } from './place-file';

const usage = `usage:
  cairn plan FILE       ranked setups for a case, what was ruled out, how sure it is, what would change it
  cairn drydown FILE    the hourly curve of a setup ("setup", or the best one)
  cairn whatif FILE     a setup beside the same with a "change"
  cairn tune FILE       the smallest change that puts the watering on the grower's day
  cairn grow FILE       where a plant grows in pots of several sizes: how likely it is inside the rim after 1 to 4 years,
                        and where in the pot it stands best
  cairn inspect FILE    what was seen of a plant put into its case, what to do while it is out, and what nobody looked at
  cairn day FILE        a potting day prepared: order of work by the clock, mixes in litres out of each bag, pots from stock,
                        what is short, what to bring, how long it takes; plants without a "setup" get the bench's first choice
  cairn mix FILE        what a mix holds, and what to take out of the bags
  cairn place FILE      an EPW file, a logger's or a monthly CSV, or JSON, as a place with its summary;
                        where a file can be read in two ways: --temperature "HEADING",
                        --humidity "HEADING", --unit C or F, --dates day-first or month-first;
                        --latitude and --longitude of a logger's place, in degrees
  cairn place --town "NAME" --room ROOM
                        a place from what is said of it, with how unsure each month is: ROOM is windowsill, room, lamp shelf,
                        bathroom, cellar, glasshouse, tent, balcony, veranda or garden, or JSON with a "kind" and more
                        (cairn schema room); --latitude DEGREES instead of a town, --altitude METRES, --name "NAME"
  cairn name "NAME"     the groups of the catalogue that an orchid of this name may belong to, best first, with how sure
  cairn practice        what the model says beside what growers do and what was published (--table: in Markdown);
                        --cases: the worked cases, and what is not met (--cases-table: in Markdown); takes a minute or two
  cairn schema plan     the JSON Schema of a case (also: drydown, whatif, tune, grow, inspect, day, mix, place;
                        and of files: archive, list, stock)
  cairn backup FILE     all that is kept, as of now, into a file; also while ./start runs
  cairn restore FILE    puts it back; what it replaces stays beside (restore --put-back NAME)
FILE may be - for standard input, but not of backup and restore.`;

const questions = questionSchemas();

const schemas: Readonly<Record<string, z.ZodType>> = {
  plan: versioned(questions.plan),
  drydown: versioned(questions.drydown),
  whatif: versioned(questions.whatIf),
  tune: versioned(questions.tune),
  grow: versioned(questions.grow),
  inspect: versioned(inspectQuestionSchema()),
  day: versioned(dayQuestionSchema()),
  mix: versioned(questions.mix),
  place: placeSchema,
  room: roomAnswersSchema,
  // What is kept and taken in, as the running application reads and writes it.
  archive: archiveSchema,
  list: listInputSchema,
  stock: stockAddSchema,
};

/** With what is known to differ in a species from its group. */
function withDiffers(match: NameMatch): NameMatch & { readonly differs?: object } {
  const species = speciesThatDiffers(match.name);
  return species?.genusId === match.genusId ? { ...match, differs: species.differs } : match;
}

/** How many of the leading setups the sensitivity looks at. */
const LEADERS = 3;

function bestSpec(planCase: PlanCase): SetupSpec {
  const spec = makePlan(planCase).setups[0]?.spec;
  if (!spec) throw new UsageError('no setup is possible for this case: see cairn plan');
  return spec;
}

/** Every answer says which version of the interface it speaks. */
function answer(value: object): void {
  print({ version: questionVersions.newest, ...value });
}

function print(value: unknown): void {
  process.stdout.write(`${JSON.stringify(value, null, 2)}\n`);
}

async function plan(argument: string | undefined): Promise<void> {
  const planCase = await readJson(argument, questions.plan);
  const { resolved, setups, ...rest } = wordPlan(makePlan(planCase), metricWords);
  const specs = setups.map((setup) => setup.spec);
  const sensitivity = specs.length > 0 ? wordSensitivity(sensitivityOf(planCase, specs.slice(0, LEADERS))) : null;
  const turns = turnsOf(planCase, specs).map((turn) => wordTurn(turn, metricWords));
  answer({ setups, ...rest, sensitivity, turns, case: resolved });
}

async function drydown(argument: string | undefined): Promise<void> {
  const { setup, ...planCase } = await readJson(argument, questions.drydown);
  const spec = setup ?? bestSpec(planCase);
  const { monthIndex } = resolveCase(planCase);
  answer({ setup: spec, month: monthIndex + 1, ...setupCurve(planCase, spec, monthIndex) });
}

async function whatIfChanged(argument: string | undefined): Promise<void> {
  const { setup, change, ...planCase } = await readJson(argument, questions.whatIf);
  const spec = setup ?? bestSpec(planCase);
  const { monthIndex } = resolveCase(planCase);
  answer(wordWhatIf(whatIf(planCase, spec, change as WhatIf, monthIndex), metricWords));
}

async function tune(argument: string | undefined): Promise<void> {
  const { setup, ...planCase } = await readJson(argument, questions.tune);
  answer(wordTuning(tuneToRoutine(planCase, setup ?? bestSpec(planCase)), metricWords));
}

async function mix(argument: string | undefined): Promise<void> {
  const { parts, depthCm, wantedL, monthsOld } = await readJson(argument, questions.mix);
  answer({ monthsOld, ...reportMix(realiseMix(parts), depthCm, wantedL, monthsOld) });
}

async function grow(argument: string | undefined): Promise<void> {
  const { pots, ...planCase } = await readJson(argument, questions.grow);
  answer(growthInPots(planCase, pots));
}

async function inspect(argument: string | undefined): Promise<void> {
  const { inspection, ...planCase } = await readJson(argument, inspectQuestionSchema());
  const genus = genusOf(planCase);
  answer({
    case: withInspection(planCase, inspection),
    toDo: toDoAfter(inspection, genus).map(wordToDo),
    skipped: skippedSteps(inspection, genus),
  });
}

async function day(argument: string | undefined): Promise<void> {
  const question = settleDay(await readJson(argument, dayQuestionSchema()));
  answer(wordDay(prepareDay(question), metricWords));
}

function schema(argument: string | undefined): void {
  const wanted = schemas[argument ?? ''];
  if (!wanted) throw new UsageError(`schema must be one of: ${Object.keys(schemas).join(', ')}`);
  print(z.toJSONSchema(wanted, { io: 'input' }));
}

const commands: Readonly<
  Record<string, (argument: string | undefined, rest: readonly string[]) => Promise<void> | void>
> = {
  plan,
  drydown,
  whatif: whatIfChanged,
  tune,
  grow,
  inspect,
  day,
  mix,
  place: async (argument, rest) =>
    answer(argument?.startsWith('--') ? placeDescribed([argument, ...rest]) : await placeOfFile(argument, rest)),
  practice: (argument) => {
    if (argument === '--cases' || argument === '--cases-table') {
      const cases = workedCases.map((worked) => runCase(worked));
      if (argument === '--cases') print({ ...reportOf(cases), missed: missedIn(cases) });
      else process.stdout.write(casesTable(reportOf(cases)));
      return;
    }
    const results = runAllPractice();
    if (argument === '--table') process.stdout.write(practiceTable(results));
    else print(results);
  },
  name: (argument, rest) => {
    if (argument === undefined) throw new UsageError('say a name: cairn name "moth orchid"');
    answer({ matches: findNames([argument, ...rest].join(' ')).map(withDiffers) });
  },
  schema,
};

async function run([command, argument, ...rest]: readonly string[]): Promise<void> {
  const obey = commands[command ?? ''];
  if (!obey) throw new UsageError(usage);
  await obey(argument, rest);
}

// A reader that closes the pipe early (head) is no fault of ours.
process.stdout.on('error', (error: NodeJS.ErrnoException) => {
  if (error.code !== 'EPIPE') throw error;
});

run(process.argv.slice(2)).catch((error: unknown) => {
  process.stderr.write(`${refusalText(error)}\n`);
  process.exitCode = 2;
});
