/** What is known of a machine's drive and gears: not needed to plan a cut, so not part of the first load. */
export * from './machine/belt-table';
export * from './machine/belt-moves';
export * from './machine/change-gears';
export * from './machine/combine-measures';
export * from './machine/condition-check';
export * from './machine/drive';
export * from './machine/drive-doubts';
export * from './machine/drive-torque';
export * from './machine/measured-speed';
export * from './machine/pulse-speed';
export * from './machine/speed-table';
export * from './machine/spindle-torque';
export * from './machine/steady-reading';
export * from './machine/tap-timing';
