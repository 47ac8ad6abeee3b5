import { expose } from 'comlink';
import { costWork } from './cost-pieces';

expose(costWork());
