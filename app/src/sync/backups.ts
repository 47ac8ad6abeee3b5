import { backupAnswer } from '@pike-stone/contract';
import { useOfShop } from './of-shop';

/** When the last good backup of the shop's computer was made. */
export const useBackups = () => useOfShop('/api/backups', backupAnswer, { refreshInterval: 3_600_000 });
