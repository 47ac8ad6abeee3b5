import { expose } from 'comlink';
import { startLibrary } from './solid-library';
import { solidWork } from './solid-pieces';

expose(solidWork(startLibrary));
