import { expose } from 'comlink';
import { photoWork } from './photo-pieces';

expose(photoWork);
