/**
 * Reading of drawing files, loaded when one is opened. Nothing here shares running code with the pages but what the
 * first load has anyway: what both of them use would become part of it.
 */
export { readDxf } from './read-dxf';
export { readSvg } from './read-svg';
