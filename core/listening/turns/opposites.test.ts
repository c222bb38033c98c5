/** What lies near its opposite, and what went on over a time. Common practice, no source. */
import { describe, expect, it } from 'vitest'
import { hearsAs, psi, told } from '../../../tests/told'

describe('what lies near its opposite', () => {
  hearsAs([
    ['well-2wire', 'half this house has no power', 'lights half'],
    ['well-2wire', 'the whole house has no power', 'lights all'],
    ['well-2wire', 'good pressure at the tank drain, nothing upstairs', 'tank-tap only'],
    ['well-2wire', 'nothing at the tank drain either', 'tank-tap none'],
    ['well-2wire', 'hear it running down the hole', 'sound runs'],
    ['well-2wire', 'hear water running back down the well', 'well-heard falls'],
    ['well-2wire', 'cut the splice, pump side\'s 4 ohms', 'open-again whole'],
    ['well-2wire', 'cut the splice, pump side\'s open', 'open-again open'],
    ['well-2wire', 'pair going down reads wide open', 'leads.by OL'],
    ['well-2wire', 'comes in at 29', `cut-in ${psi(29)}`],
    ['well-2wire', 'hits 46 on start', 'black.start 46'],
    ['well-2wire', 'bus bars read 244 across', 'supply.volts 244'],
    ['compressor-direct', 'stops building at 75', `climbs stalls | peak ${psi(75)}`],
    ['compressor-direct', 'starts with the tank dumped, won\'t with air in it', 'starts-empty empty'],
    ['three-phase', 'one to two 1.1, two to three OL, one to three OL', 'leads.r12 1.1 | leads.r23 OL | leads.r31 OL'],
    ['three-phase', 'service is 486 485 and 487', 'supply.v12 486 | supply.v23 485 | supply.v31 487'],
    ['compressor-pilot', 'starter won\'t drop out', 'starter-look welded'],
    ['compressor-pilot', 'starter doesn\'t come in', 'coil-heard nothing'],
    ['rv', 'nothing leaves the panel switch', 'panel.volts 0'],
  ])
})

describe('what goes on over a time', () => {
  hearsAs([
    ['well-2wire', 'went from 58 to 50 in ten minutes', `leak-down ${psi(8)}`],
    ['well-2wire', 'went from 50 to 46 in five minutes with everything shut', `leak-down ${psi(8)}`],
  ])
  it.each(['5 gallon bucket takes 1 minute', '5 gallons in 60 seconds', 'fills a five gallon pail in a minute'])(
    'is a flow where a bucket fills: %s', (said) => {
      // 5 US gallons a minute
      expect(told('well-2wire', said)).toBe(`flow ${Number(((5 * 3.785411784e-3) / 60).toPrecision(3))}`)
    },
  )
})

describe('figures of one line', () => {
  hearsAs([
    // never a part of a figure
    ['holding-tank', 'start cap tests 0.3 microfarads', 'cap.farads 3e-7'],
    ['three-phase', 'megs at 0.05 to ground with the leads off at the starter', 'leads.ground 50000'],
    ['well-3wire', 'capacitor reads 0.4 ohms across it', 'cap.ohms 0.4'],
    ['well-3wire', 'bled the cap, it reads 38 and it\'s a 59 to 71', 'cap.farads 0.000038 | cap-label under'],
    // three of one go
    ['three-phase', '31 amps on one leg and 19 and 18 on the others', 'amps1.run 31 | amps2.run 19 | amps3.run 18'],
    ['three-phase', 'amps 0 on C, 48 on the others', 'amps1.run 48 | amps2.run 48 | amps3.run 0'],
    ['three-phase', '240 from 2 to 3', 'line.v23 240'],
    ['well-3wire', 'windings B-Y 4.2 R-Y 17 R-B 21', 'leads.by 4.2 | leads.ry 17 | leads.rb 21'],
    // of two the later, of what is no reading none
    ['well-2wire', '241 at the switch with it off, 238 with it running', 'line.volts 238 | sound runs'],
    ['well-3wire', '14.8 amps (nameplate 11.5)', 'black.run 14.8'],
    ['well-2wire', 'moved it to another 20 and it\'s run all day', 'breaker-other holds'],
    ['well-2wire', 'drops 0.3 volts on the left set, 21 on the right set', 'pole1.drop 0.3 | pole2.drop 21'],
  ])
})
