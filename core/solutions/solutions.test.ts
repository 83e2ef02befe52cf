import { blendWaters, calMagDose, caCo3Of, degreesOf, dsMOf, feedDose, ofBottles, ppmOf, thinPeroxide } from '.';

const powder = { kind: 'powder' } as const;
const dose = (nitrogenPct: number, wantedPpm: number, litres = 1) =>
  feedDose({ nitrogenPct, wantedPpm, litres, form: powder, waterDsM: 0.2 });

const G_PER_OUNCE = 28.3495;
const L_PER_100_GALLONS = 378.541;

describe('feed', () => {
  // Extension services (greenhouse fertiliser tables of UMass and others, from memory): ounces for 100 gallons = ppm / (% x 0.75).
  test.each([
    [20, 200, 13.3],
    [15, 100, 8.9],
    [20, 100, 6.7],
    [10, 50, 6.7],
  ])('a %s %% powder at %s ppm takes %s ounces for 100 gallons, as the tables say', (pct, ppm, ounces) => {
    // They round to the tenth of an ounce, and the rule itself to half a per cent.
    expect(Math.abs(dose(pct, ppm, L_PER_100_GALLONS).inAll / G_PER_OUNCE - ounces)).toBeLessThan(0.1);
  });

  test('half a gram a litre of a 20 % powder is 100 ppm; a liquid goes by its density', () => {
    expect(dose(20, 100)).toMatchObject({ perLitre: 0.5, inAll: 0.5, unit: 'g' });
    const liquid = { kind: 'liquid', densityGPerMl: 1.25 } as const;
    expect(feedDose({ nitrogenPct: 8, wantedPpm: 100, litres: 10, form: liquid, waterDsM: 0 })).toMatchObject({
      perLitre: 1,
      inAll: 10,
      unit: 'mL',
    });
  });

  test('common practice, no source: 50 to 100 ppm add 0.4 to 0.8 mS/cm to the water’s own', () => {
    expect(dose(20, 50).expectedDsM - 0.2).toBeCloseTo(0.4, 6);
    expect(dose(20, 100).expectedDsM - 0.2).toBeCloseTo(0.8, 6);
  });

  test('several bottles add up, oxides counted as what is in them', () => {
    const [feed, calmag] = [
      { nitrogenPct: 20, phosphatePct: 10, potashPct: 20, calciumPct: 0, magnesiumPct: 0, gramsPerLitre: 0.5 },
      { nitrogenPct: 15, phosphatePct: 0, potashPct: 0, calciumPct: 18, magnesiumPct: 0, gramsPerLitre: 0.2 },
    ];
    const both = ofBottles([feed!, calmag!]);
    expect(both.nitrogenPpm).toBeCloseTo(130, 6);
    expect(both.phosphorusPpm).toBeCloseTo(21.8, 1);
    expect(both.potassiumPpm).toBeCloseTo(83, 0);
    expect(both.calciumPpm).toBeCloseTo(36, 6);
    expect(ofBottles([])).toEqual(ofBottles([{ ...feed!, gramsPerLitre: 0 }]));
  });

  test('oxides by the weights of their atoms (IUPAC)', () => {
    const [p, o, kalium] = [30.974, 15.999, 39.098];
    const pure = {
      nitrogenPct: 0,
      phosphatePct: 100,
      potashPct: 100,
      calciumPct: 0,
      magnesiumPct: 0,
      gramsPerLitre: 1,
    };
    const { phosphorusPpm, potassiumPpm } = ofBottles([pure]);
    expect(phosphorusPpm / 1000).toBeCloseTo((2 * p) / (2 * p + 5 * o), 3);
    expect(potassiumPpm / 1000).toBeCloseTo((2 * kalium) / (2 * kalium + o), 3);
  });

  test('calcium and magnesium in the parts of the label; none where it has neither', () => {
    const asked = { calciumPct: 6, magnesiumPct: 2, wantedPpm: 400, litres: 5 };
    expect(calMagDose(asked)).toEqual({ gramsPerLitre: 5, gramsInAll: 25, calciumPpm: 300, magnesiumPpm: 100 });
    expect(calMagDose({ ...asked, calciumPct: 0, magnesiumPct: 0 })).toBeNull();
  });
});

describe('water', () => {
  test('pens of both scales, there and back', () => {
    expect([ppmOf(1, 500), ppmOf(1, 700)]).toEqual([500, 700]);
    expect(dsMOf(ppmOf(0.63, 700), 700)).toBeCloseTo(0.63, 9);
  });

  test('hardness: 1 °dH is 10 mg of calcium oxide a litre (definition), counted as carbonate', () => {
    const [CA_O, CA_CO3] = [56.077, 100.086];
    expect(caCo3Of(1)).toBeCloseTo((10 * CA_CO3) / CA_O, 2);
    expect(degreesOf(caCo3Of(12))).toBeCloseTo(12, 9);
  });

  test('two waters blended carry the salts of both: checked by weighing the salts', () => {
    for (const wantedDsM of [0.05, 0.2, 0.35, 0.6]) {
      const blend = blendWaters({ hardDsM: 0.6, softDsM: 0.05, wantedDsM, litres: 8 });
      if (blend.status !== 'blended') throw new Error(blend.status);
      expect(blend.hardL + blend.softL).toBeCloseTo(8, 9);
      expect((0.6 * blend.hardL + 0.05 * blend.softL) / 8).toBeCloseTo(wantedDsM, 9);
    }
    expect(blendWaters({ hardDsM: 0.6, softDsM: 0.05, wantedDsM: 0.9, litres: 8 })).toEqual({
      status: 'out of reach',
      leastDsM: 0.05,
      mostDsM: 0.6,
    });
    expect(blendWaters({ hardDsM: 0.3, softDsM: 0.3, wantedDsM: 0.3, litres: 8 })).toMatchObject({
      hardL: 8,
      softL: 0,
    });
  });

  test('peroxide: a bottle of 12 % is one part to three of water; 3 % goes as it is; weaker is not made stronger', () => {
    expect(thinPeroxide(12, 100)).toEqual({ bottleMl: 25, waterMl: 75 });
    expect(thinPeroxide(3, 100)).toEqual({ bottleMl: 100, waterMl: 0 });
    expect(thinPeroxide(2, 100)).toBeNull();
  });
});
