import { airSpeedMS, surfaceTransfer } from './airflow';

// Worked by hand from the correlations in Incropera & DeWitt, Fundamentals of Heat and Mass Transfer,
// for a plate of 0.12 m at 22 °C: Re = 1161 and Nu = 20.2 at 0.15 m/s; Ra = 3.37e5 and Nu = 6.50 at rest.
describe('heat and vapour off a surface of a pot’s size', () => {
  const radiantWM2K = 4 * 0.95 * 5.67e-8 * 295.15 ** 3;

  test('in still air of a room, convection gives 4.4 and radiation 5.5 W/(m²·K)', () => {
    const { heatTransferWM2K } = surfaceTransfer(0.15, 22);
    expect(radiantWM2K).toBeCloseTo(5.54, 2);
    expect(heatTransferWM2K - radiantWM2K).toBeCloseTo(4.42, 1);
  });

  test('without any air movement the surface still sets its own air in motion: 1.4 W/(m²·K)', () => {
    expect(surfaceTransfer(0, 22).heatTransferWM2K - radiantWM2K).toBeCloseTo(1.41, 2);
  });

  test('vapour leaves at about 4 mm/s in a still room (Chilton-Colburn: h / (ρ c Le^⅔))', () => {
    expect(surfaceTransfer(0.15, 22).massTransferMS).toBeCloseTo(4.42 / (1.2 * 1006 * 0.9), 4);
  });

  test('in wind convection grows with the root of the speed', () => {
    const convective = (speedMS: number) => surfaceTransfer(speedMS, 22).heatTransferWM2K - radiantWM2K;
    expect(convective(10) / convective(2.5)).toBeCloseTo(2, 1);
  });

  test('at half the pressure less heat is carried by wind, and vapour goes more easily', () => {
    const low = surfaceTransfer(2.5, 22, 101.325 / 2);
    const sea = surfaceTransfer(2.5, 22);
    // Nu goes with the root of the density; vapour with the diffusivity, which doubles.
    expect((low.heatTransferWM2K - radiantWM2K) / (sea.heatTransferWM2K - radiantWM2K)).toBeCloseTo(Math.SQRT1_2, 2);
    expect(low.massTransferMS / sea.massTransferMS).toBeCloseTo(Math.SQRT2, 2);
  });

  test('the classes of air rank as growers rank them', () => {
    const speeds = ['still room', 'draught', 'sheltered outdoors', 'fan', 'windy'] as const;
    const ranked = speeds.map((name) => airSpeedMS[name]);
    expect(ranked).toEqual([...ranked].sort((a, b) => a - b));
    expect(new Set(ranked).size).toBe(5);
  });
});
