/** What is read on wires by themselves, off at both ends: the feed by its many names. */
import type { Joined } from './turnOf'

const THE = '(?:the |both |all )?'
/** What it is called; a cord is the feed of what is plugged in. */
const FEED = '(?:feed(?: wires?| cable)?|line(?:[ -]side)? wires?|supply wires?|incoming wires?|power cord'
  + '|cord(?! to the (?:motor|pump|box))'
  + '|wires? (?:coming |back )?(?:from|to) the (?:panel|breaker)|hots? (?:of|in) the (?:cord|feed))'
const FIGURE = '(\\d[\\d.]*(?: ?(?:ohms?|kohms?|k|meg\\w*))|ol)'
const SHORT = '(?:a |dead |basically |pretty much |it[\'’]s |is |reads? |shows? )*(?:shorted|short|continuity|zero|0)'
const GROUND = '(?:ground|earth|the (?:conduit|pipe|box|bare|frame))'
/** On the way from the wire to its figure: where they are off. */
const OFF = '(?:,? (?:off|loose|unplugged|apart|open|disconnected|lifted)(?: (?:at |on |from )?(?:both ends|the'
  + ' \\w+))?)?'
const BETWEEN = '(?:between (?:them|the (?:two|wires|hots|legs|blades)(?: (?:hots|wires|legs|of them))?'
  + `(?: (?:of|in) ${THE}(?:cord|feed|cable|run))?)|(?:leg to leg|wire to wire|blade to blade|hot to hot`
  + '|prong to prong|line to line|to each other|across(?: (?:it|them))?))'
const IS = '(?:,| is| are| reads?| shows?| says?| meg[a-z]*| i (?:get|got|have))*'

const READ: readonly Joined[] = [
  ['feed wires between $1', `${THE}${FEED}${OFF}${IS} ${FIGURE} ${BETWEEN}`,
    `${THE}${FEED}${OFF},? ${BETWEEN}${IS} ${FIGURE}(?: unplugged)?`],
  ['feed wires between 0.1 ohms', `(?:ohmed |checked )?${THE}${FEED}${OFF},? ${BETWEEN},? ${SHORT}`],
  ['feed wires to ground $1', `${THE}${FEED}${OFF}${IS} ${FIGURE} to ${GROUND}`,
    `${THE}${FEED}${OFF},? to ${GROUND}${IS} ${FIGURE}`,
    `(?:meg[a-z]*(?: test)?(?: on)?|insulation tester on) ${THE}${FEED}${OFF}${IS} ${FIGURE}`],
  ['feed wires to ground 0 ohms', `${THE}${FEED}${OFF},? to ${GROUND},? ${SHORT}`,
    `(?:meg[a-z]*(?: on)?) ${THE}${FEED}${OFF}${IS} (?:zero|0|nothing)`],
]

const PLUGGED = '(?:as soon as|when|the second|the minute) (?:it[\'’]?s|it is|you|i|she[\'’]?s) plug(?:ged)?(?: it)?'
  + ' in'
const SWITCH = '(?:pressure switch|switch|starter|contactor|disconnect)'
/** Only the feed hangs on the breaker, and it goes. */
const TRIPS: readonly Joined[] = [
  ['load wires off still trips',
    `(?:breaker )?(?:still )?trips (?:even )?with ${THE}wires off (?:of )?the line side(?: of the ${SWITCH})?`,
    `(?:breaker )?(?:still )?trips (?:even )?with ${THE}(?:line(?:[ -]side)?|feed) wires off(?: at the ${SWITCH})?`,
    `${THE}(?:line(?:[ -]side)?|feed) wires off(?: (?:at|of) the ${SWITCH})?,? (?:and |but )?(?:it )?still trips`,
    `(?:it )?(?:still )?trips ${PLUGGED} with the switch(?: lever)? off`,
    '(?:breaker |main )?(?:still )?trips (?:even )?with the (?:starter|contactor) (?:open|out|not in|dropped out)'],
]

const PLUGGED_IN: readonly Joined[] = [['trips at once', `(?:it )?(?:trips|snaps|pops) ${PLUGGED}`]]

const THROUGH = '(?:post ?hole|fence post|post|auger|shovel|spade|stake|nail|screw|staple|trencher)'
/** What went through it. */
const PIERCED: readonly Joined[] = [
  ['dug up the wire', `(?:a )?${THROUGH}(?: hole)?(?: went| goes| is| was| ran)?(?: right| straight| clean)* `
  + `(?:through|into) the (?:cable|wires?|conduit|feed|line)(?: in the (?:yard|ground|trench|garden))?`],
]

/** Water where wires lie is no leak of the plumbing. */
const WET: readonly Joined[] = [
  ['conduit wet', '(?:the )?(?:conduit|pull box|handhole)(?: [a-z]+){0,5} (?:full of|holds|has) water(?: in it)?'],
]

export const TURNS_OF_WIRES: readonly Joined[] = [...READ, ...TRIPS, ...PLUGGED_IN, ...PIERCED, ...WET]
