const { getDefaultConfig } = require('expo/metro-config');

/**
 * What a phone need not load: parts of packages that this application never
 * reaches, left out of the page as empty modules. Each is only re-exported by
 * its package, or used by another entry of this list.
 */
const LEFT_OUT = [
  // Sentences in fifty languages (ours stand in the contract), and JSON Schema, which the server makes.
  /zod\/v4\/locales\/(?!en\.js)[^/]+\.js$/,
  /zod\/v4\/core\/(to-json-schema|json-schema-processors)\.js$/,
  /zod\/v4\/classic\/from-json-schema\.js$/,
  // Schemas turned into code ahead of time, which the page’s own policy forbids to run.
  /zod\/v4\/core\/compile\.js$/,
  // Drawings read from SVG text: ours are made of elements.
  /react-native-svg\/lib\/(module|commonjs)\/(xml|xmlTags|utils\/fetchData)\.js$/,
  // The package's own reader of transformations (the browser reads them), and presses on parts of a drawing
  // (buttons lie above ours).
  /react-native-svg\/lib\/(module|commonjs)\/lib\/(extract\/transform(ToRn)?|SvgTouchableMixin)\.js$/,
  /react-native-web\/dist\/exports\/Touchable\//,
  // Ids of other makings: ours are version 7.
  /uuid\/dist[^/]*\/(md5|sha1|v1|v1ToV6|v3|v35|v4|v5|v6|v6ToV1)\.js$/,
  // Lists that scroll by themselves, and controls that the kit draws its own of.
  /react-native-web\/dist\/vendor\/react-native\/(VirtualizedList|VirtualizedSectionList|FlatList|SectionList)\//,
  /react-native-web\/dist\/vendor\/react-native\/(FillRateHelper|ViewabilityHelper|VirtualizeUtils)\//,
  /react-native-web\/dist\/exports\/(CheckBox|Switch|ProgressBar|TouchableHighlight)\//,
  // Animations and gestures of its own: the kit moves things by style sheets and listens to pointers.
  /react-native-web\/dist\/vendor\/react-native\/(Animated|PanResponder)\//,
  // Tabs, native stacks and their bars: the house has a bar and a rail of its own, in a plain Slot.
  /expo-router\/build\/layouts\/(Tabs|experimental-stack\/index|stack-utils\/index)\.js$/,
  /expo-router\/build\/react-navigation\/(elements|bottom-tabs)\//,
  /expo-router\/build\/fork\/native-stack\/NativeStackView\.js$/,
  /expo-router\/build\/views\/(ErrorBoundary|Toast|Sitemap)\.js$/,
  /expo-router\/build\/link\/preview\/HrefPreview\.js$/,
  // Screens of native stacks, which draw themselves with those animations.
  /react-native-screens\/lib\/module\/components\/(Screen|ScreenStackItem|ScreenStackHeaderConfig)(\.web)?\.js$/,
  // Ways of moving between tabs and drawers.
  /expo-router\/build\/react-navigation\/routers\/(TabRouter|DrawerRouter)\.js$/,
  // The same for tabs of the system, and ids of other makings again.
  /expo-router\/build\/native-tabs\/NativeTabTrigger\.js$/,
  /expo-modules-core\/src\/uuid\//,
  // Links that draw themselves, scrolling of tabs, drawing on a server: the kit's buttons go by the router.
  /expo-router\/build\/react-navigation\/native\/(Link|ServerContainer|useLinkProps|useLinkTo|useScrollToTop)\.js$/,
  // Asking before a page is left: nothing typed is lost here.
  /expo-router\/build\/react-navigation\/core\/usePreventRemove\.js$/,
  // Navigation written as one object: ours are files.
  /expo-router\/build\/react-navigation\/(native\/createStaticNavigation|core\/StaticNavigation)\.js$/,
];

/** What a PDF would need to draw web pages and pictures; ours are lines and words. The lock file leaves it out. */
const NOT_INSTALLED = /^(canvg|html2canvas|dompurify|core-js)(\/|$)/;

const config = getDefaultConfig(__dirname);
const resolve = config.resolver.resolveRequest;
config.resolver.resolveRequest = (context, name, platform) => {
  if (NOT_INSTALLED.test(name)) return { type: 'empty' };
  const found = (resolve ?? context.resolveRequest)(context, name, platform);
  return platform === 'web'
    && found.type === 'sourceFile'
    && LEFT_OUT.some((part) => part.test(found.filePath))
    ? { type: 'empty' }
    : found;
};

// A module is run when something of it is first used, not when a file that names it is: the first page runs
// only what it draws with.
const options = config.transformer.getTransformOptions;
config.transformer.getTransformOptions = async (...all) => {
  const { transform, ...rest } = await options(...all);
  return { ...rest, transform: { ...transform, inlineRequires: true } };
};

module.exports = config;
