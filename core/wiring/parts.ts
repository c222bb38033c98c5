/**
 * Parts that are wired, terminal by terminal as they are on the part, and what is inside them. Numbers and letters are
 * those that such parts carry by general practice (poles 1–2 and 3–4, line L, load T, coil A1–A2, holding contact
 * 13–14, overload contact 95–96; `nut` is the splice of what does not go through the part). Which side is line and
 * which is load is a matter of marking and test.
 */
export const WIRED_PARTS = [
  'two-pole-switch', 'one-pole-switch', 'float-switch', 'protector', 'control-box', 'starter', 'voltage-links', 'plug',
] as const
export type WiredPartId = (typeof WIRED_PARTS)[number]

export interface WiredPart {
  readonly id: WiredPartId
  readonly name: string
  readonly terminals: readonly string[]
  /** pairs that close when it calls */
  readonly poles: readonly (readonly [string, string])[]
  /** pairs that are always joined inside */
  readonly joined: readonly (readonly [string, string])[]
}

export const PARTS_WIRED: Readonly<Record<WiredPartId, WiredPart>> = {
  'two-pole-switch': {
    id: 'two-pole-switch',
    name: 'pressure switch, two poles',
    terminals: ['1', '2', '3', '4', 'g'],
    poles: [['1', '2'], ['3', '4']],
    joined: [],
  },
  'one-pole-switch': {
    id: 'one-pole-switch',
    name: 'switch, one pole',
    terminals: ['1', '2', 'nut', 'g'],
    poles: [['1', '2']],
    joined: [],
  },
  // closed between c and down while the float hangs, between c and up while it is lifted
  'float-switch': {
    id: 'float-switch',
    name: 'float switch',
    terminals: ['c', 'up', 'down', 'nut', 'g'],
    poles: [['c', 'down']],
    joined: [],
  },
  'protector': {
    id: 'protector',
    name: 'underload protector',
    terminals: ['l1', 'l2', 't1', 't2', 'g'],
    poles: [['l1', 't1']],
    joined: [['l2', 't2']],
  },
  'control-box': {
    id: 'control-box',
    name: 'control box',
    terminals: ['l1', 'l2', 'y', 'b', 'r', 'g'],
    poles: [],
    joined: [['l2', 'y'], ['l1', 'b']],
  },
  'starter': {
    id: 'starter',
    name: 'starter',
    terminals: ['l1', 'l2', 'l3', 't1', 't2', 't3', 'a1', 'a2', '13', '14', '95', '96', 'g'],
    poles: [['l1', 't1'], ['l2', 't2'], ['l3', 't3'], ['13', '14']],
    joined: [],
  },
  // the halves of a dual-voltage motor's main winding are T1–T2 and T3–T4
  'voltage-links': {
    id: 'voltage-links',
    name: 'voltage links of the motor',
    terminals: ['l1', 'l2', 'j', 'g'],
    poles: [],
    joined: [],
  },
  'plug': {
    id: 'plug',
    name: '12 V plug',
    terminals: ['plus', 'minus'],
    poles: [],
    joined: [],
  },
}
