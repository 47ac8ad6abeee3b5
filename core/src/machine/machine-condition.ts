/** How stiff a machine still is: decides how much of a nose and of a feed it is asked. */
export type MachineCondition = 'rigid' | 'ordinary' | 'tired';
