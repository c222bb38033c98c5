/** What is done to a part to put it right, in the words of those who did it. Common practice, no source. */

/** Ways to have done a thing; `OF` stands for what it was done to. */
export const DOINGS = {
  renewed: [
    '(?:replaced|renewed|rebuilt|installed|fitted|changed(?: out)?|swapped(?: out| in)?) (?:[\\w/½¼-]+ ){0,4}OF',
    '(?:put|threw|stuck|screwed|slapped|dropped|wired|hung|bolted|tried|added|set) (?:in |on |up )?(?:a |an |on |in )?'
    + '(?:[\\w/½¼-]+ )?(?:new|fresh|replacement) (?:[\\w/½¼-]+ ){0,3}OF',
    '(?:put|stuck|threw|popped) (?:a )?(?:new|fresh|another new) OF (?:in|on)',
    '(?:put|stuck|threw|popped|slapped) (?:in )?(?:another|a different|the other|a spare) (?:\\w+ )?OF(?: in| on)?$',
    'put in a (?:piece|length|run|section|stick) of (?:\\w+ )?OF',
    '(?:got|have) (?:a |the )?(?:new|fresh) OF (?:in|on)\\b', 'rebuilt it with (?:new )?OF',
    // `put one in off the truck`
    '(?:put|stuck|threw|popped|dropped|hung) (?=one\\b)OF in(?: (?:off|from|out of) (?:the|my) \\w+)?$',
    '(?:got|have) (?=one\\b)OF (?:in|on) (?:it|there|now)$',
    '(?:got|have|had) (?=one\\b)OF (?:in|on) (?:my|the) (?:box|truck|van|bag)$',
    '(?:swapped|replaced|changed|re-?installed|reassembled|remounted|put back) (?:\\w+ ){1,4}(?:with|on) (?:an? |the )?'
    + '(?:new|fresh|good) (?:\\w+ )?OF',
    '(?:pulled|ran|strung|fed)(?: in)? (?:an? )?(?:new|fresh) OF',
    '^(?:a )?new (?:o-?ring|gasket|washer|clamp|fitting|elbow|tee|nipple|hose|seal)s? (?:in|on|for) (?:the )?OF',
    '^(?:a )?(?:new|fresh) (?:[\\w/½¼-]+ ){0,3}OF (?:is |went |put |screwed |wired |spliced )?(?:in|on|up|fitted'
    + '|installed)\\b',
    '^(?:a |two |three )?(?:new|fresh) (?:[\\w/½¼-]+ ){0,2}OF(?: kit)?(?: all (?:three|two|around|round)'
    + '| both)?(?: (?:with|set'
    + ' (?:to|at|for)) .*)?$',
    '^(?:put|stuck|threw|popped) an? OF (?:in|on)$',
    '^(?:put|stuck|threw|popped) in (?:an? |another )(?:\\w+ ){0,2}OF(?: kit)?$',
    '^(?:the )?(?:\\w+ ){0,2}OF (?:replaced|renewed|changed|swapped)(?: out)?$',
  ],
  cleaned: [
    '(?:ran|pushed|stuck|shoved|worked|poked) an? (?:drill(?: bit)?|wire|paper ?clip|pick|bit) (?:through|down'
    + '|into) OF',
    '(?:cleaned|cleared|rinsed|washed|flushed|sanded|drilled|scraped|poked|picked|unplugged|unclogged|brushed|vacuumed'
    + '|emptied|reamed)'
    + '(?: out| off| up)? (?:\\w+ ){0,3}OF',
    'blew (?!when |as |the second |again |right )(?:out |through )?(?:\\w+ ){0,2}OF(?: out| clear)?',
  ],
  freed: [
    '(?:oiled|greased|lubed|lubricated) (?:up )?(?:\\w+ ){0,3}OF',
    '(?:freed|untangled|unhooked|unstuck|unjammed|released|let go) (?:up )?(?:\\w+ ){0,2}OF',
    '(?:knocked|worked|broke|pulled|moved) (?:\\w+ ){0,2}OF (?:loose|free|clear|off it)',
    '(?:dug|picked|fished|pulled|took|cleared|cleaned|got|knocked) (?:\\w+ ){0,4}out of (?:the )?OF',
    '(?:dug|picked|fished|pulled|got|cut|knocked) OF(?: right| back)? out',
  ],
  remade: [
    'made (?:up )?(?:a )?(?:new |fresh )OF',
    '(?:remade|redid|re-?terminated|re-?spliced|spliced|(?:re-?)?crimped|soldered|'
    + '(?:re-?)?tightened(?: up| down)?|snugged(?: up)?|'
    + 'cleaned(?: up)?|'
    + 're-?wrapped|wrapped|re-?taped|taped|re-?doped|doped|greased|re-?sealed|'
    + 're-?landed|re-?connected|repaired|mended|fixed|patched|sealed) (?:\\w+ ){0,4}OF',
    '(?:glued|re-?glued|cemented) (?:\\w+ ){0,3}OF', '(?:cut|trimmed) (?:\\w+ ){0,2}OF back',
    'put (?:some |a little |a piece of )?(?:tape|sealant|silicone|glue|epoxy) (?:on|over|around) OF',
  ],
  covered: ['(?:re-?)?(?:taped|wrapped|sleeved|insulated|loomed)(?: up)? (?:\\w+ ){0,4}OF'],
  swapped: ['^(?:swapped|switched|reversed|traded|changed|flipped)(?: around)? OF(?: (?:around|over))?(?: at(?: the)?'
    + ' (?:starter|box|top'
    + '|panel|head|contactor|overload))?$'],
  ended: ['(?:put|crimped|stuck) (?:an? )?(?:new )?(?<of>end|lug|ring terminal|ferrule)s? on(?: it| them)?'],
  set: [
    '(?:gave|give) (?:\\w+ ){0,2}OF (?:a|an|another|one|two|half a|a half|a quarter)(?: \\w+)? ?turns?',
    '(?:a )?(?:quarter|half|full|one|two|couple(?: of)?|\\d+)(?: a)? turns? (?:on|of) (?:\\w+ ){0,3}OF',
    '(?:turned|backed|screwed|cranked|wound|ran) (?:\\w+ ){0,2}OF (?:down|up|in|out|back)(?: (?:a|one|two|half).*)?',
    'brought (?:\\w+ ){0,2}OF (?:\\w+ ){0,5}(?:in|out|down|up)$',
    '(?:set|adjusted|turned|backed|dialed|dialled|moved|switched|cranked|flipped) (?:\\w+ ){0,3}OF'
    + '(?! (?:all|fully|full|wires?|leads?|cover)\\b)',
  ],
  dressed: [
    'blew (?!when |as |the second |again |right )(?:out |off )?(?:\\w+ ){0,2}OF(?: out| off| clear)?',
    '(?:filed|sanded|dressed|burnished|polished)(?: up| off| down)? (?:\\w+ ){0,3}OF',
    '(?:cleaned|scraped|brushed)(?: up| off)? OF(?: up| off)? with (?:an? |some |the )?(?:\\w+ )?'
    + '(?:file|sandpaper|emery(?: cloth)?|card|dollar bill)',
    '(?:cleaned|scraped|brushed)(?: up| off)? (?:\\w+ ){0,3}OF(?<=contacts?|points?)',
    '(?:brushed|picked|scraped|cleaned)(?: up)? OF(?: right| all)? (?:out|off)',
  ],
  reset: [
    '(?<!even after i )re-?set (?:\\w+ ){0,3}OF',
    '(?:pushed|pressed|hit|punched|popped) (?:\\w+ ){0,2}OF(?! with| apart| loose| off| open)(?: back)?(?: in)?',
  ],
  filled: [
    '(?:poured|put|dumped|ran) (?:\\w+ ){1,3}(?<of>gallons) in(?:to)?(?: it| the tank)?',
    '(?:filled|topped|primed|re-?primed)(?: up)? (?:\\w+ ){0,3}OF',
    '(?:poured|put) (?:\\w+ ){0,3}in (?:the )?OF',
  ],
  primed: ['(?<of>re-?primed|primed)(?: up)? (?:it|her)'],
  aired: [
    '(?:pump(?:ed)? (?:it|her|the tank)|aired?(?: it| her| the tank)?) (?:back )?(?:up )?to (?<of>\\d+)',
    '(?:blew|pumped) up (?:\\w+ ){0,2}OF', '^air(?:ed)?(?: up)? to'
    + ' (?<of>\\d+)', '(?:pumped|aired|(?:re)?charged|put|brought|topped'
    + '|set|added) (?:\\w+ ){0,4}OF(?: up)?(?: to)?(?: \\d+)?'],
  let: ['(?:bled|let|dropped|took) (?:\\w+ ){0,4}OF(?: down| out)?(?: to)?(?: \\d+)?'],
  closed: ['(?:closed|shut)(?: up| off)? (?:\\w+ ){0,2}OF'],
  drained: ['(?:drained|opened the drain on|emptied|blew down) (?:\\w+ ){0,2}OF'],
  held: [
    '(?:held|hold) (?:\\w+ ){0,2}OF(?= up| for| a)',
    'held (?:\\w+ ){0,2}OF',
    '(?:lifted|put|pulled|flipped|turned|pushed|moved|threw) (?:\\w+ ){0,2}OF (?:\\w+ ){0,2}'
    + '(?:up|on|back|over|to auto|half ?way)',
  ],
  vented: ['(?:vented|bled|burped|purged) (?:\\w+ ){0,4}OF', '(?:opened|cracked) (?:\\w+ ){0,2}OF'],
  refused: ['refused OF'],
  fitted: ['with (?:an? |the )?(?:new|fresh) OF(?: put| fitted)?(?: in|$)'],
  refitted: ['(?:put|slipped|got|threw) (?:\\w+ ){0,2}OF back on'],
  moved: ['(?:moved|remounted|relocated) (?:\\w+ ){0,2}OF'],
  opened: [
    '(?:opened|turned on|thawed)(?: up| out)? (?!(?:it|them|that|everything|one)\\b)(?:\\w+ ){0,2}OF',
  ],
  landed: [
    '(?:re-?landed|rewired|straightened out) (?:\\w+ ){0,3}OF(?: right| around)?',
    '(?:moved|put) OF (?:back )?where (?:they|it) (?:goes?|belongs?)',
    '^(?:put (?:it )?)?back on (?:the )?(?=utility|house|power|mains|the grid|grid|street)OF\\b',
  ],
  on: ['(?:flipped|turned|switched|threw|kicked|put|clicked) (?:\\w+ ){0,2}OF (?:back )?on'],
  charged: [
    '(?:hooked|jumped|clipped) (?:it |her )?(?:up )?(?:to |off |from )?(?:the |my |a |another )?'
    + '(?<of>truck|car|jump pack|jumper cables|good battery|starter battery)',
    'charged (?:it |her )?(?:up )?(?<of>overnight|all night|for (?:a few|a couple|\\w+) hours)',
    '(?:charged|jumped|swapped|replaced|hooked up) (?:\\w+ ){0,3}OF',
    '(?:put|hooked|left|stuck) (?:up )?(?:the |a |my )?(?:battery )?(?<of>charger) (?:on|up)',
  ],
} as const

export type Doing = keyof typeof DOINGS
