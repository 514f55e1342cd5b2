import fc from '../node_modules/fast-check/lib/cjs/fast-check.js';

/**
 * fast-check as tests are given it (jest.config.js): every property starts from one seed, so that a red run can be run again and a green
 * one means the same everywhere. `PROPERTY_SEED=4711 npx jest` digs elsewhere.
 */
fc.configureGlobal({ seed: Number(process.env['PROPERTY_SEED'] ?? 1187) });
export default fc;
