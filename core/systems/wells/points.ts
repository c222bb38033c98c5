/** Where a probe, clamp or gauge goes on a well. Numbers follow the flow and stand on the flags of the path. */
import type { TestPoint } from '../types'

export const COMMON_POINTS: readonly Omit<TestPoint, 'number'>[] = [
  { id: 'breaker', name: 'breaker out', aliases: ['brk', 'panel', 'breaker out', 'supply'], component: 'breaker' },
  { id: 'line', name: 'switch line', aliases: ['line', 'switch in', 'line side'], component: 'feed' },
  { id: 'poles', name: 'switch poles', aliases: ['pole', 'contact drop'], component: 'switch' },
  { id: 'load', name: 'switch load', aliases: ['load', 'switch out', 'load side'], component: 'switch' },
]

export const WATER_POINTS: readonly Omit<TestPoint, 'number'>[] = [
  { id: 'gauge', name: 'tank gauge', aliases: ['psi', 'pressure', 'gage'], component: 'gauge' },
  { id: 'valve', name: 'tank air valve', aliases: ['pre', 'precharge', 'air'], component: 'tank' },
  { id: 'tap', name: 'hose tap', aliases: ['hose', 'flow', 'delivery'], component: 'house' },
]

export const numberPoints = (points: readonly Omit<TestPoint, 'number'>[]): TestPoint[] => points.map((p, i) => ({ ...p, number: i + 1 }))
