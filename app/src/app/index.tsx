export { BenchScreen as default } from '../areas/bench/BenchScreen';
