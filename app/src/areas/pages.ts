import { bringLater, later } from '../kit/later';

/** The pages that are not part of the first load; those that share much come together. */
const cut = () => import('./cut/pages');
const drawer = () => import('./drawer/pages');
const machine = () => import('./machine/pages');

export const BookPage = later(() =>
  import('./book/BookScreen').then(({ BookScreen }) => ({ default: BookScreen })),
);
export const EntryPage = later(() =>
  import('./book/EntryScreen').then(({ EntryScreen }) => ({ default: EntryScreen })),
);
export const ForecastPage = later(() => cut().then(({ ForecastScreen }) => ({ default: ForecastScreen })));
export const PacerPage = later(() => cut().then(({ PacerScreen }) => ({ default: PacerScreen })));
export const ToSizePage = later(() => cut().then(({ ToSizeScreen }) => ({ default: ToSizeScreen })));
export const ThreadPage = later(() => cut().then(({ ThreadScreen }) => ({ default: ThreadScreen })));
export const AreaPage = later(() => cut().then(({ AreaScreen }) => ({ default: AreaScreen })));
export const QuickPage = later(() => cut().then(({ QuickScreen }) => ({ default: QuickScreen })));
export const WorkingPage = later(() => cut().then(({ WorkingScreen }) => ({ default: WorkingScreen })));
export const LogPage = later(() => cut().then(({ LogScreen }) => ({ default: LogScreen })));
export const DrawerPage = later(() => drawer().then(({ DrawerScreen }) => ({ default: DrawerScreen })));
export const ItemPage = later(() => drawer().then(({ ItemScreen }) => ({ default: ItemScreen })));
export const SettingsPage = later(() =>
  import('./settings/SettingsScreen').then(({ SettingsScreen }) => ({ default: SettingsScreen })),
);
export const GlossaryPage = later(() =>
  import('./settings/GlossaryScreen').then(({ GlossaryScreen }) => ({ default: GlossaryScreen })),
);
export const ReachPage = later(() => machine().then(({ ReachScreen }) => ({ default: ReachScreen })));
export const TrueSpeedPage = later(() =>
  machine().then(({ TrueSpeedScreen }) => ({ default: TrueSpeedScreen })),
);
export const DrivePage = later(() => machine().then(({ DriveScreen }) => ({ default: DriveScreen })));
export const InstrumentsPage = later(() =>
  machine().then(({ InstrumentsScreen }) => ({ default: InstrumentsScreen })),
);
export const GearsPage = later(() => machine().then(({ GearsScreen }) => ({ default: GearsScreen })));
export const MovesPage = later(() => machine().then(({ MovesScreen }) => ({ default: MovesScreen })));
export const CheckPage = later(() => machine().then(({ CheckScreen }) => ({ default: CheckScreen })));
export const PlatePage = later(() => machine().then(({ PlateScreen }) => ({ default: PlateScreen })));
// What makes a PDF is larger than all pages together: it comes last, and only then is needed.
bringLater(() => import('./machine/plate/plate-pdf'));
