export { BackupNotice } from './BackupNotice';
