/** What drives the machine, as its plate says. */
export interface Motor {
  readonly powerKw: number;
  readonly phases: 1 | 3;
  /** Motor to spindle: 0.80 direct V-belt, 0.75 flat belt, 0.70 geared head. */
  readonly efficiency: number;
}
