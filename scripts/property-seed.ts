import fc from 'fast-check';

/**
 * Every property starts from one seed, so that a red run can be run again and a green one means the same everywhere.
 * `PROPERTY_SEED=4711 npx jest` digs elsewhere.
 */
fc.configureGlobal({ seed: Number(process.env['PROPERTY_SEED'] ?? 1187) });
