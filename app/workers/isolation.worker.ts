/** The core off the main thread: pages ask it, and none of them loads the engine. */
import { expose } from 'comlink'
import { askedSystems } from './askedSystems'
import { openTabs } from './openTabs'

/** What the worker answers to; a test asks it without a worker. */
export const api = { ...openTabs, ...askedSystems }
export type IsolationApi = typeof api

expose(api)
