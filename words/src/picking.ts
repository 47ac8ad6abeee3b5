/** Words for picking operation, metal and tool; loaded with the panels that pick. */
export * from './drawback';
export * from './metal-names';
export * from './operation/groups';
export * from './tool-name';
