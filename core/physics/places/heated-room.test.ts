import { relativeHumidityOfVapourPct, saturationVapourDensityGM3 } from '../air';
import { heatedRoom, ORDINARY_HEATING } from './heated-room';
import { constantPlace } from './place';

const outside = (temperatureC: number, relativeHumidityPct: number) =>
  constantPlace({ temperatureC, relativeHumidityPct, airflow: 'windy', outdoor: true });

describe('a heated room in a climate', () => {
  test('frosty damp air warmed to 21 °C is dry: without any added moisture about 18 % (psychrometrics)', () => {
    const room = heatedRoom(outside(-2, 80), { ...ORDINARY_HEATING, moistureGM3: 0 });
    expect(room.months[0]!.day.temperatureC).toBe(21);
    expect(room.months[0]!.day.relativeHumidityPct).toBeGreaterThan(14);
    expect(room.months[0]!.day.relativeHumidityPct).toBeLessThan(22);
  });

  test('people and plants add moisture in the cold, not in summer (EN ISO 13788, from memory)', () => {
    const moist = heatedRoom(outside(0, 80));
    const dry = heatedRoom(outside(0, 80), { ...ORDINARY_HEATING, moistureGM3: 0 });
    const gain = moist.months[0]!.day.relativeHumidityPct - dry.months[0]!.day.relativeHumidityPct;
    expect(gain).toBeCloseTo(relativeHumidityOfVapourPct(4, 21), -0.5);
    const summer = heatedRoom(outside(26, 60), { ...ORDINARY_HEATING, moistureGM3: 6 });
    const plain = heatedRoom(outside(26, 60), { ...ORDINARY_HEATING, moistureGM3: 0 });
    expect(summer).toEqual(plain);
  });

  test('in warm weather the room follows the outside, a little warmer', () => {
    expect(heatedRoom(outside(28, 60)).months[0]!.day.temperatureC).toBe(30);
  });

  test('no rain and no wind come in, and the light is the window’s', () => {
    const garden = outside(15, 70);
    const rainy = {
      ...garden,
      months: garden.months.map((month) => ({ ...month, rainMm: 80, rainDays: 9, lightWattsPerM2: 200 })),
    };
    const room = heatedRoom(rainy);
    expect(room.setting).toBe('indoor');
    expect(room.airflow).toBe('still room');
    expect(room.months[5]).toMatchObject({ rainMm: 0, rainDays: 0, lightWattsPerM2: 30 });
  });

  test('vapour and humidity are each other’s inverse', () => {
    expect(relativeHumidityOfVapourPct(saturationVapourDensityGM3(20) * 0.4, 20)).toBeCloseTo(40, 9);
  });
});
