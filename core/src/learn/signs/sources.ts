/** Where the rows of the signs come from; weights and steps are ours in all of them. */
export const CHIP_FORMS = 'ISO 3685:1993 (forms of chips); Nakayama 1962';
export const CHIP_HEAT = 'oxide colours of steel; Trigger and Chao 1951';
export const LEAST_CHIP = 'least chip thickness; Albrecht 1960';
export const SURFACE = 'feed marks of a nose, f²/(8 r)';
export const BUILT_UP = 'Nakayama, Shaw and Brewer 1966 (built-up edge)';
export const EDGE_WEAR = 'ISO 3685:1993 (wear of the edge)';
export const CHATTER = 'Tobias and Fishwick 1958 (chatter)';
export const MOTOR = 'plate of the motor; removal times specific energy';
export const PRACTICE = 'workshop practice';
