// What every browser of ours has and a test environment lacks.
global.structuredClone ??= (value) => JSON.parse(JSON.stringify(value));
AbortSignal.timeout ??= () => new AbortController().signal;
globalThis.TextEncoder ??= require('node:util').TextEncoder;
// There is no server and no second tab here: a test that needs one brings a stand-in for it.
delete globalThis.fetch;
delete globalThis.Navigator.prototype.locks;
// Every look at a control by its role asks for its styles, and the test environment reads each rule of the kit's
// sheet for each of them. Only those stay that decide about names and about what is hidden.
if (globalThis.CSSStyleSheet) {
  const { prototype } = globalThis.CSSStyleSheet;
  const { insertRule } = prototype;
  prototype.insertRule = function (rule) {
    return /display|visibility/.test(rule) ? insertRule.call(this, rule, this.cssRules.length) : 0;
  };
}
