import { laterPage } from '../../../areas/later-part';

export default laterPage('ProvenListScreen');
