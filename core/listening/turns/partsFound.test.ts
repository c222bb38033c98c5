/** A part found bad, or put right, in few words. Common practice, no source. */
import { describe } from 'vitest'
import { hearsAs, hearsNext, psi } from '../../../tests/told'

describe('a part found bad', () => {
  hearsAs([
    ['well-3wire', 'check valve is stuck closed', 'seen-itself check.stuck-shut'],
    ['well-3wire', 'check valve broken', 'seen-itself check.leaking'],
    ['compressor-direct', 'check valve stuck shut', 'remark'],
    ['well-2wire', 'pulled the pump, splice let go', 'seen-itself cable.open'],
    ['well-3wire', 'black to yellow open, other two open too', 'leads.by OL | leads.ry OL | leads.rb OL'],
    ['well-3wire', 'leads all to ground', 'leads.ground 0'],
    ['well-3wire', 'amps dropped to 4 from 9', 'black.run 4'],
    ['well-3wire', 'shut the house off, still 35', 'house-shut falls'],
    ['well-3wire', 'run cap 15 reads 4', 'runcap.farads 0.000004 | runcap-label under'],
    ['well-3wire', 'both legs good to the box', 'box.volts usual'],
    ['jet', 'leak on the suction line, soaped it and it drew in', 'seen-itself suction.air-leak'],
    ['jet', 'shaft doesn\'t turn the impeller', 'seen-itself pump.coupling'],
    ['jet', 'switch clicks but motor doesn\'t start', 'sound silent'],
    ['booster', '42 both sides', `inlet.pressure ${psi(42)} | gauge ${psi(42)}`],
    ['booster', 'pressure at the neighbors is low too', 'neighbours no'],
    ['booster', 'seal let go', 'seen-itself pump.seal'],
    ['booster', 'impeller\'s got a plastic bag in it', 'impeller-look jammed'],
    ['booster', 'splice corroded', 'terminals burnt'],
    ['jet', 'suction pipe is sucking air at the elbow', 'seen-itself suction.air-leak'],
    ['jet', '236 across, 118 each to ground', 'line.volts 236 | line.l1g 118 | line.l2g 118'],
    ['jet', 'water dripping out the back of the pump', 'seen-itself pump.seal'],
    ['rv', 'put 12 volts right to it, nothing', 'straight-feed silent'],
    ['rv', 'drawing 12 amps, it\'s a 7 amp pump', 'black.run 12'],
    ['booster', 'pressure before the filter 60, after it 25', 'filter-sides drops'],
    ['booster', '25 at the hose bib with the pump off, 60 on', `inlet.pressure ${psi(25)} | gauge ${psi(60)}`],
    ['booster', 'tank 18 psi, switch on at 40', `precharge ${psi(18)} | cut-in ${psi(40)}`],
    ['booster', 'switch has 240 in nothing out', 'line.volts 240 | load.volts 0'],
    ['booster', 'spit air then water, 65 now', `water-look air | gauge ${psi(65)}`],
    ['holding-tank', '5000 gallon tank, 6 inches left', 'tank-level low'],
  ])
})

describe('what was done about it', () => {
  hearsNext([
    ['jet', 'check valve at the pump leaks by', 'new check, held all night', 'mended check.leaking | works yes'],
    ['jet', 'start switch weights are stuck', 'oiled them and works', 'mended motor.centrifugal-open | works yes'],
    ['jet', 'two wires burnt off on the pressure switch', 'new switch', 'mended switch.pole1-burnt'],
    ['jet', 'suction pipe is sucking air at the elbow', 'glued it, holds prime', 'mended suction.air-leak'],
    ['rv', 'fuse was corroded', 'cleaned the holder, runs', 'mended fuse.holder | sound runs'],
    ['holding-tank', 'float is full of water', 'new float, filling', 'mended well-switch.contact-burnt | works yes'],
    ['jet', '1/2 meg to ground', 'dried it out, 50 meg', 'leads.ground 50000000'],
    ['well-3wire', 'drop pipe has a split', 'replaced 20 ft of poly', 'mended pipe.holed'],
    ['well-3wire', 'pitless leaking', 'new o-rings, holds pressure', 'mended pipe.pitless | falls-how holds'],
    ['booster', 'curb stop half closed', 'opened it all the way, 55 in',
      `mended inlet.low | inlet.pressure ${psi(55)}`],
    ['booster', 'strainer full of gravel', 'cleaned, 60', `mended strainer.blocked | gauge ${psi(60)}`],
    ['holding-tank', 'float switch wired backwards', 'swapped the wires, fills now',
      'mended well-switch.wrong-sense | works yes'],
  ])
})
