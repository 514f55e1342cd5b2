export * from './alteration';
export * from './cloth';
export * from './ledger';
export * from './make';
export * from './pattern';
export * from './person';
export * from './picture';
export * from './wear';
export type { Money } from './shapes';
