/** What the tests use of clipper-lib, which ships without types. */
declare module 'clipper-lib' {
  interface Place {
    X: number;
    Y: number;
  }
  const ClipperLib: {
    Clipper: { Orientation(path: readonly Place[]): boolean; Area(path: readonly Place[]): number };
    ClipperOffset: new (
      mitreLimit: number,
      arcTolerance: number,
    ) => {
      AddPath(path: readonly Place[], join: number, end: number): void;
      Execute(solution: Place[][], delta: number): void;
    };
    JoinType: { jtMiter: number };
    EndType: { etClosedPolygon: number };
  };
  export default ClipperLib;
}
