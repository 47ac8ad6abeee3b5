export { CutScreen as default } from '../../areas/cut/CutScreen';
