import { bringLater, later } from '../kit/later';
import type * as Later from './later-pages';

const page = (name: PageName) => later(() => import('./later-pages').then((all) => ({ default: all[name] })));
type PageName = Extract<keyof typeof Later, `${string}Screen`>;

export const BookPage = page('BookScreen');
export const EntryPage = page('EntryScreen');
export const ForecastPage = page('ForecastScreen');
export const PacerPage = page('PacerScreen');
export const ToSizePage = page('ToSizeScreen');
export const ThreadPage = page('ThreadScreen');
export const AreaPage = page('AreaScreen');
export const QuickPage = page('QuickScreen');
export const WorkingPage = page('WorkingScreen');
export const ChoosePage = page('ChooseScreen');
export const CostPage = page('CostScreen');
export const LogPage = page('LogScreen');
export const DrawerPage = page('DrawerScreen');
export const ItemPage = page('ItemScreen');
export const IdentifyPage = page('IdentifyScreen');
export const RescuePage = page('RescueScreen');
export const KitPage = page('KitScreen');
export const CsvPage = page('CsvScreen');
export const LabelsPage = page('LabelsScreen');
export const SettingsPage = page('SettingsScreen');
export const GlossaryPage = page('GlossaryScreen');
export const ReachPage = page('ReachScreen');
export const TrueSpeedPage = page('TrueSpeedScreen');
export const DrivePage = page('DriveScreen');
export const InstrumentsPage = page('InstrumentsScreen');
export const GearsPage = page('GearsScreen');
export const MovesPage = page('MovesScreen');
export const CheckPage = page('CheckScreen');
export const PlatePage = page('PlateScreen');
// What makes a PDF is larger than all pages together: it comes last, and only then is needed.
bringLater(() => import('../pdf/pdf'));
