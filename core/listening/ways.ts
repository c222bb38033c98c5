/** What each repair is done by and to, in the words of those who did it. Common practice, no source. */
import type { Doing } from './doings'

export interface Way {
  readonly by: readonly Doing[]
  /** what it is done to, as a pattern of words */
  readonly to: string
}

/** By the id of the repair, of the first pump where there are two. */
export const WAYS: Readonly<Record<string, Way>> = {
  'find-why-then-reset-breaker': { by: ['on'], to: '(?:breaker|main)' },
  'replace-breaker': { by: ['renewed', 'fitted'], to: 'breaker' },
  'replace-fuse-or-breaker': { by: ['renewed', 'fitted'], to: '(?:line )?(?:fuses?|breaker)' },
  'replace-pressure-switch': {
    by: ['renewed', 'dressed'],
    to: '(?<!float )(?<!start )(?<!panel )(?:pressure )?switch|contacts?|points?|(?<=new )\\d0\\/\\d0',
  },
  'replace-demand-switch': { by: ['renewed'], to: '(?<!panel )(?:demand |pressure )?switch' },
  'replace-panel-switch': { by: ['renewed'], to: '(?:panel switch|rocker(?: switch)?|wall switch)' },
  'replace-float-switch': { by: ['renewed'], to: 'float(?: switch)?' },
  'free-or-replace-float': { by: ['freed', 'renewed'], to: 'float(?: switch)?' },
  'clear-port-brass-nipple': {
    by: ['cleaned', 'renewed'],
    to: '(?:nipple|port|orifice|sensing (?:line|tube)|(?:little )?hole|diaphragm (?:port|chamber))',
  },
  'set-switch': {
    by: ['set'],
    to: '(?:(?:big |range |small |differential )?(?:nut|spring|screw)|cut-? ?(?:in|out)|(?:pressure )?switch)',
  },
  'set-demand-switch': {
    by: ['set'],
    to: '(?:adjust(?:ing|ment)? screw|(?<= the )screw|set screw|little screw|allen(?: screw)?|screw on the switch'
      + '|switch)',
  },
  'hold-lever-until-pressure-is-over-cut-in': { by: ['held', 'reset'], to: '(?:lever|handle|arm|cut-? ?off)' },
  'turn-lever-to-auto': { by: ['held', 'set'], to: '(?:lever|handle|knob)(?! (?:to |in |into )?off\\b)' },
  'remake-joint': {
    by: ['remade', 'ended', 'renewed'],
    to: '(?:terminals?|lugs?|screws?|joints?|connections?|connectors?|wire ?nuts?)',
  },
  'remake-feed-joint': { by: ['remade', 'ended'], to: '(?:terminals?|joints?|connectors?|connections?|crimps?|butt'
    + ' splices?)' },
  'remake-control-wire': { by: ['remade', 'renewed'], to: '(?:control|pilot|coil) wires?' },
  'clean-and-remake-chassis-return': {
    by: ['remade', 'cleaned', 'renewed'],
    to: '(?:chassis |negative )?(?:ground(?: lug| wire| strap| ring)?|return|ring terminal|(?<=new )ring)',
  },
  'clean-and-remake-battery-posts': {
    by: ['cleaned', 'remade'],
    to: '(?:battery )?(?:posts?|clamps?|battery terminals?)',
  },
  'charge-or-replace-battery': { by: ['charged', 'renewed'], to: 'batter(?:y|ies)' },
  'find-why-then-replace-fuse': { by: ['refused'], to: 'fuse' },
  'find-why-then-replace-control-fuse': { by: ['renewed'], to: 'control fuse' },
  'replace-fuse-holder': { by: ['renewed', 'cleaned'], to: '(?:fuse ?)?holder' },
  'replace-feed': { by: ['renewed', 'covered'], to: '(?:feed|red)(?: wire)?' },
  'replace-damaged-run': { by: ['renewed', 'remade'], to: '(?:feed(?: wire| cable)?|(?:power|supply) (?:cord|wire))' },
  'replace-run': { by: ['renewed'], to: '(?:run(?! cap)|whip|wire|cord)(?: to the (?:pump|motor))?' },
  'remake-splice-or-replace-cable': {
    by: ['remade', 'renewed'],
    to: '(?:splices?(?: kit)?|crimps?|(?:gel|wire) ?(?:nuts?|caps?)|connectors|(?<=spliced )(?:all (?:three|of them'
      + '|\\w+ (?:wires|leads))|both)|pump cable|drop cable|cable|(?<=in'
      + ' )new wire)',
  },
  'replace-motor-leads': { by: ['renewed', 'remade'], to: '(?:motor )?(?:leads|cable|splices?)' },
  'replace-motor': { by: ['renewed'], to: '(?:(?:pump )?motor|coupling|(?<=motor )coupler)' },
  'pull-pump': { by: ['renewed'], to: '(?:pump(?: and motor| end)?|motor|coupling|(?<=new )[\\d/.½¾]+ ?hp)' },
  'replace-pump': { by: ['renewed'], to: 'pump' },
  'fit-pump-head-kit': { by: ['renewed', 'cleaned'], to: '(?:pump head|head kit|diaphragm(?: kit)?|valves?'
    + '|valve plate)' },
  'replace-impeller-and-seal': { by: ['renewed'], to: '(?:impeller|wet end)' },
  'free-impeller': { by: ['freed', 'cleaned'], to: '(?:impeller|volute|eye|shaft)' },
  'clear-impeller': { by: ['cleaned', 'freed'], to: '(?:vanes|impeller|volute|eye(?: of the impeller)?|wheel)' },
  'renew-shaft-seal': { by: ['renewed'], to: '(?:(?:shaft|pump|mechanical) )?seals?' },
  'replace-pump-casing': { by: ['renewed'], to: '(?:pump )?(?:housing|casing|volute|case)|pump head' },
  'clear-suction-line': {
    by: ['cleaned', 'renewed'],
    to: '(?:suction (?:strainer|screen|hose|pipe)|(?:hard|rigid) pipe|'
      + 'foot ?valve (?:screen|strainer)|(?:intake )?screen)',
  },
  'clear-way-into-tank': { by: ['cleaned'], to: '(?:tank (?:tee|inlet|nipple|port)|tee|elbow(?: under the tank)?)' },
  'renew-seal-of-pitless-adapter': {
    by: ['renewed'], to: '(?:pitless(?: adapter)?(?: o[- ]?rings?| seal)?|o[- ]?rings?(?: on the pitless)?)',
  },
  'set-or-replace-reducing-valve': {
    by: ['renewed', 'set', 'cleaned'], to: '(?:(?:pressure )?reducing valve|(?:pressure )?reducer|house regulator'
      + '|(?:screw|nut|bolt)(?: (?:in|out|down|up))? on the (?:pressure )?(?:reducer|reducing valve|regulator))',
  },
  'clear-motor-vents': { by: ['cleaned', 'renewed'], to: '(?:(?:motor )?vents|(?:cooling |motor )?fan|nest|shroud)' },
  'clear-tank-vent': { by: ['cleaned'], to: '(?:tank )?vent(?: hose)?' },
  'replace-city-inlet-check': {
    by: ['renewed', 'cleaned'],
    to: '(?:city (?:water )?(?:inlet|fill|check)(?: valve)?|check ?valve|(?<=new )inlet)',
  },
  'set-or-replace-charger': { by: ['renewed', 'set'], to: '(?:charger|converter|alternator regulator)' },
  'set-drive-to-rated-hertz': { by: ['set'], to: '(?:drive|vfd|inverter)' },
  'land-on-both-legs': {
    by: ['landed', 'moved', 'renewed'],
    to: '(?:hots?|wires?(?! to (?:a|another) )|(?:double|two|2)[- ]pole(?: breaker)?|breaker)',
  },
  'clean-jet': { by: ['cleaned', 'freed'], to: '(?:jet|nozzle|venturi|ejector)' },
  'prime-pump': {
    by: ['filled', 'primed'], to: '(?:pump|case|casing|volute|(?:prim(?:e|ing) )?(?:hole|plug|port)|housing|prime)',
  },
  'remake-suction-joints': {
    by: ['remade', 'renewed'],
    to: '(?:suction(?: line| pipe| side| joint| fitting| hose)?|union|elbow)',
  },
  'replace-foot-valve': { by: ['renewed', 'cleaned'], to: '(?:foot ?valve|checks?(?: valves?)?)' },
  'replace-check-valve': { by: ['renewed', 'cleaned'], to: 'checks?(?: valves?)?' },
  'clean-or-replace-tank-check-valve': { by: ['renewed', 'cleaned'], to: '(?:tank )?check(?: valve)?' },
  'clean-or-replace-unloader-valve': {
    by: ['renewed', 'cleaned'], to: '(?:unloader(?: valve| line| tube)?|switch with (?:the |an )?unloader)',
  },
  'pull-and-replace-drop-pipe': { by: ['renewed', 'remade'], to: '(?:(?:drop|down|riser) ?pipe|poly(?: pipe)?)' },
  'clean-strainer': { by: ['cleaned', 'renewed'], to: '(?:strainer|screen|filter|bowl|basket)' },
  'remake-suction-hose': {
    by: ['remade', 'renewed'],
    to: '(?:hose|clamps?|hose clamps?|suction|bowl|o-?ring|strainer(?= (?:bowl|lid|cap|gasket))|(?<=new )strainer)',
  },
  'vent-pump': {
    by: ['vented'],
    to: '(?:air (?:out )?of the pump|pump|vent(?: screw| plug)?|bleed screw|prim(?:e|ing) plug|air)',
  },
  'call-water-supplier': {
    by: ['opened'], to: '(?:curb stop|inlet valve|supply valve|valve (?:at the meter|ahead of the pump'
      + '|feeding the pump))',
  },
  'fill-tank': { by: ['filled'], to: '(?:fresh |water )?tank' },
  'change-two-leads-at-starter': {
    by: ['swapped'],
    to: '(?:any )?(?:two|2)(?:(?: of the)? (?:motor |pump )?(?:leads?|legs?|wires?|phases?|lines?)|(?= at the))',
  },
  'set-by-pass': { by: ['set'], to: 'by-?pass(?: screw)?(?! valve)' },
  'replace-tank': { by: ['renewed'], to: '(?:pressure |bladder )?tank' },
  'air-tank-at-zero-pressure': {
    by: ['aired'],
    to: '(?:air|precharge|bladder|(?:bladder )?tank(?: up)?|\\d+ (?:psi|pounds)|in \\d+)',
  },
  'bleed-tank-at-zero-pressure': { by: ['let'], to: '(?:air|precharge|tank(?: down)?)' },
  'air-accumulator-at-zero-pressure': {
    by: ['aired'], to: '(?:air|precharge|bladder|(?:accumulator|tank)(?: up)?|\\d+ (?:psi|pounds))',
  },
  'open-valve-under-switch': { by: ['opened'], to: '(?:\\w+ )?valve under (?:the |it)(?: ?switch)?' },
  'fit-coil-for-control-voltage': { by: ['renewed'], to: '(?:right|correct|proper|\\d{2,3} ?v(?:olt)?) coil' },
  'replace-underload-protector': { by: ['renewed'], to: '(?:(?:underload|pump|dry[- ]run) )?(?:protector|saver)' },
  'find-why-it-ran-dry-let-it-restart': { by: ['reset'], to: '(?:protector|pump saver|saver)' },
  'replace-gauge': { by: ['renewed'], to: 'gauge' },
  'find-and-mend-leak': { by: ['remade', 'renewed'], to: '(?:leak|toilet|flapper|fitting|pipe|valve)' },
  'mend-air-line': { by: ['remade', 'renewed'], to: '(?:leak|fitting|coupler|hose|line)' },
  'replace-relief-valve': { by: ['renewed'], to: '(?:relief|safety)(?: valve)?' },
  'replace-start-relay': { by: ['renewed'], to: '(?:start )?relay' },
  'replace-overload': { by: ['renewed'], to: 'overload' },
  'replace-overload-relay': { by: ['renewed'], to: '(?:overload(?: (?:relay|block|unit))?|heaters?)' },
  'replace-motor-overload': { by: ['renewed'], to: '(?:thermal )?(?:overload|(?<!run )protector)|thermal' },
  'find-why-then-reset-overload': { by: ['reset'], to: '(?:overload|red button|reset(?: button)?|button)' },
  'find-why-then-reset-overload-relay': { by: ['reset'], to: '(?:overload|heater|relay|red button|reset(?:'
    + ' button)?)' },
  'set-overload-to-nameplate': {
    by: ['set'], to: '(?:overload |trip )?(?:dial|setting)|overload(?: relay)?(?= (?:up|down|to)\\b)',
  },
  'replace-box-remake-leads': { by: ['renewed', 'remade'], to: '(?:control )?box' },
  'fit-box-for-motor': { by: ['renewed'], to: '(?:right|correct|proper) (?:control )?box' },
  'replace-start-capacitor': {
    by: ['renewed'], to: '(?:(?:start(?:ing)? )?(?:cap|capacitor)|(?<=new |an? )\\d{2,3}(?= in$))',
  },
  'replace-run-capacitor': { by: ['renewed'], to: 'run(?:ning)? (?:cap|capacitor)' },
  'find-leads-and-land-them-right': { by: ['remade', 'set'], to: '(?:leads|wires) (?:right|where they belong)' },
  'set-voltage-links': {
    by: ['set', 'remade', 'landed'],
    to: '(?:jumpers?|links?|plug(?= (?:over|to))|(?:voltage )?selector(?: over)?(?: to \\d+)?'
      + '|voltage (?:plug|switch|links?)|(?<=rewired (?:\\w+ ){0,2})(?:for|to) (?:115|120|230|240))',
  },
  'clean-or-replace-start-switch-in-motor': { by: ['cleaned', 'renewed', 'freed', 'dressed'], to: '(?:start'
    + '|centrifugal) switch' },
  'replace-contacts-or-contactor': { by: ['renewed'], to: '(?:contact kit|contacts|(?:contact )?tips|contactor'
    + '|starter)' },
  'replace-coil': { by: ['renewed'], to: 'coil' },
  'replace-disconnect': { by: ['renewed'], to: 'disconnect' },
  'close-disconnect': { by: ['on'], to: '(?:disconnect|safety switch)' },
  'fit-valve-plate-kit': { by: ['renewed', 'cleaned'], to: '(?:valve plate|reeds?|reed (?:valves?|plate)|valves)' },
  'fit-head-gasket': { by: ['renewed'], to: '(?:head )?gasket' },
  'change-filter-cartridge': { by: ['renewed'], to: '(?:(?:house |water )?filter|cartridge)(?: cartridge)?' },
  'change-intake-filter': { by: ['renewed', 'cleaned'], to: '(?:intake|air)(?: filter)?|filter|element' },
  'set-or-replace-belt': { by: ['remade', 'renewed', 'set', 'refitted'], to: 'belts?' },
  'drain-receiver': { by: ['drained'], to: '(?:\\w+ ){0,3}water' },
  'close-or-replace-drain': {
    by: ['closed', 'renewed', 'remade'], to: '(?:tank )?(?:drain|petcock)(?: cock| valve)?',
  },
  'replace-regulator': { by: ['renewed'], to: 'regulator' },
  'feed-from-larger-generator': {
    by: ['landed', 'renewed'],
    to: '(?:generator|utility(?: power)?|(?:house|street) power|power company|grid|(?:the )?mains)',
  },
  'land-switch-as-marked': {
    by: ['landed', 'remade'],
    to: '(?:wires (?:at|on) the switch|switch wires|switch right|hots?|load wires|line and load)',
  },
  'move-switch-to-tank': { by: ['moved'], to: 'switch (?:to|over to|onto|on) the tank' },
  'change-sense-of-float': {
    by: ['landed', 'set', 'renewed'],
    to: '(?:fill|pump-?up|pump-?down|right|correct) float(?: switch)?|float (?:right side up|the right way|round'
      + '|around|over|sense|wires)',
  },
  'overhaul-pump-head': { by: ['renewed'], to: '(?:compressor pump|pump head|pump|rings?)' },
  'turn-winter-valve-to-tank': {
    by: ['set', 'opened'],
    to: '(?:winter|winteri[sz]ing|antifreeze|by-?pass|tank|tank shutoff)(?: by-?pass)? valve'
      + '|valve(?= (?:back )?to (?:the )?tank)',
  },
  'open-house-valve-or-thaw-line': {
    by: ['opened'],
    to: '(?:house valve|main valve|valve (?:to the house|after the tank)|(?:house )?(?:line|pipe))',
  },
}
