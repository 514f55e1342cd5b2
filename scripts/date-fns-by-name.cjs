// date-fns as tests are given it (jest.config.js): all of it is three hundred files, which each test file would read anew for the few
// that its modules ask for.
// oxlint-disable-next-line typescript/no-require-imports -- only so is a module loaded when it is asked for by its name
module.exports = new Proxy({}, { get: (_, name) => (name === '__esModule' ? true : require(`date-fns/${String(name)}`)[name]) });
