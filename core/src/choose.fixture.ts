/** Jobs and costs that the tests of choosing begin from, outside of the core too. */
export { INPUTS } from './choose/choice.fixture';
export { COST_INPUTS } from './cost/cost.fixture';
