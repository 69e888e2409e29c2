/** The package ships no types; only what the reference checks call. */
declare module 'psychrolib' {
  const psychrolib: {
    readonly SI: number;
    SetUnitSystem(system: number): void;
    GetVapPresFromRelHum(dryBulb: number, relativeHumidity: number): number;
    GetRelHumFromVapPres(dryBulb: number, vapourPressure: number): number;
    GetTDewPointFromRelHum(dryBulb: number, relativeHumidity: number): number;
  };
  export default psychrolib;
}
