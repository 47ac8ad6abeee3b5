export { WorkingScreen as default } from '../../areas/cut/WorkingScreen';
