export * from './tag'
