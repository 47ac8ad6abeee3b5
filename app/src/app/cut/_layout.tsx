export { CutHouse as default } from '../../areas/cut/CutHouse';
