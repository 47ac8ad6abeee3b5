export { CutPages as default } from '../../areas/cut/CutPages';
