/** The terms of the application, each with its meaning. */
export const GLOSSARY: readonly (readonly [term: string, meaning: string])[] = [
  ['Aim', 'The cutting speed to work toward: the start in the chart range times every factor that applies.'],
  [
    'Approach angle',
    'Angle between the lead edge of a turning tool and the feed. 90° is square to the work; inch books give the lead angle, which is 90° less this.',
  ],
  [
    'Back gear',
    'A pair of gears that slows the spindle, commonly six to ten times, for large work. The bull-gear pin comes out before it goes in.',
  ],
  [
    'Back rake',
    'The top of a bit falls from the nose to the shank by this angle. Each regrind of the front lowers the nose a little.',
  ],
  [
    'Backlash',
    'Slack between screw and nut. Wind back half a turn beyond and come in again, always from the same side.',
  ],
  ['Banjo', 'The slotted arm that carries the change gears between spindle and leadscrew.'],
  [
    'Bond',
    'What holds the grains of a wheel together. Vitrified rings when tapped; resin does not, and ages.',
  ],
  [
    'Built-up edge',
    'Work metal welded to the cutting edge in slow, sticky cutting; it breaks off and takes the edge along.',
  ],
  [
    'Carbide',
    'Hard and hot-strong; wants speed and stiffness. Below its least useful speed it builds up an edge and crumbles.',
  ],
  ['Chamfer', 'A slanted edge. Its size is measured across the corner that goes.'],
  ['Chip load', 'Feed per tooth of a milling cutter.'],
  [
    'Chip thinning',
    'In a narrow cut a milling tooth takes less than the feed per tooth; the feed may rise to make up for it.',
  ],
  [
    'Chord',
    'Of a hollow face: the straight line from edge to heel. It decides whether the heel rubs, and it is what a flat stone hones.',
  ],
  ['Climb cutting', 'Feeding with the cutter’s turn. With slack in the screw it pulls the table in.'],
  [
    'Compound slide',
    'The small slide on top of the cross slide that can be swung: for tapers, threads and faces to length.',
  ],
  ['Cutting speed', 'Speed of the fastest point that cuts, in m/min or sfm (feet a minute).'],
  ['Depth of cut', 'On a lathe: taken off the radius. On a mill: along the cutter’s axis.'],
  ['Dish', 'The end edges of a cutter fall towards its centre by this angle, so that only the corners cut.'],
  [
    'Division',
    'One mark on a dial. It stands for slide travel, or on a diameter-reading dial for twice the travel.',
  ],
  ['Dovetail', 'A slanted way that holds a slide down. Roughed square, then cut with a slanted cutter.'],
  [
    'Dressing',
    'Opening the face of a wheel so that it cuts again; truing makes it round. A diamond does both.',
  ],
  [
    'Edge radius',
    'How round the very edge is, a few thousandths of a millimetre. A chip thinner than about a third of it is not cut but rubbed.',
  ],
  [
    'Face',
    'The end of the work, or any flat cut across. Toward the centre of a turned face the speed falls to nothing.',
  ],
  ['Feed', 'How far the tool moves in one turn of the work, or the table in a minute.'],
  ['Fly cutter', 'One bit on a long arm: a broad flat with little power and a blow each turn.'],
  [
    'Front clearance',
    'The front of a bit falls back under its nose by this angle. A nose above centre uses it up outside, a bore needs more.',
  ],
  ['Glazed', 'Of a wheel: its grains are blunt and shine. It squeals and burns until it is dressed.'],
  ['Grade', 'How firmly a wheel holds its grains, A soft to Z hard. Hard tools want a soft wheel.'],
  ['Grit', 'Size of a wheel’s grains: 36 to 46 rough, 60 to 120 finish.'],
  [
    'Half nuts',
    'Two halves that close on the leadscrew and draw the carriage along by the pitch of the thread.',
  ],
  ['Heel', 'Bottom end of a ground face, away from the edge. In a bore it is the first to rub.'],
  [
    'High speed steel (HSS)',
    'Tool steel that keeps its edge to about 590 °C. Ground by hand, sharp, tough, slow.',
  ],
  [
    'Knurl',
    'A grip pressed into the rim by hardened wheels. The blank should be a whole number of pitches round.',
  ],
  [
    'Land',
    'A narrow strip behind an edge: ground at the first clearance, or left flat before a chip breaker.',
  ],
  [
    'Learned factor',
    'What this shop’s own cuts showed a start must be multiplied by, with the band that holds it four times in five. From three cuts of a machine, a metal and a tool material on; it can be switched off in Settings.',
  ],
  ['Loaded', 'Of a wheel: its pores are full of metal.'],
  ['Neck', 'The thin part of a T-slot cutter, and the slot it runs in; it is milled first.'],
  [
    'Net power',
    'Power at the cut: what the motor takes in the cut less what it takes at idle, times the share that belts and gears leave.',
  ],
  ['Nose radius', 'Rounding of the tool’s corner. It limits the feed and sets the finish.'],
  ['Overhang', 'How far work or cutter stands out, in diameters.'],
  ['Pitch', 'From one thread to the next; threads to the inch say the same the other way round.'],
  [
    'Pitch diameter',
    'Where the belt really runs: deeper than the rim of a V-pulley, outside the rim of a flat one. Speeds follow from it.',
  ],
  ['Plunge', 'Straight down with an end mill. Only a cutter with teeth at the centre can.'],
  [
    'Ra',
    'Roughness: how far the surface lies from its middle on average, in μm or μin. Drawings ask for it.',
  ],
  ['Ramp', 'Down into the metal at a slope while feeding along.'],
  ['Reserve', 'A quarter of power and torque that a plan leaves unused: belts slip and small motors stall.'],
  [
    'Rest tilt',
    'Lean of the tool rest at the grinder. Positive has the operator’s edge low, so that the ground face falls back under the top.',
  ],
  ['Ring test', 'A sound vitrified wheel, hung up and tapped with wood, rings clear. A dull one is cracked.'],
  [
    'Run',
    'Trials of one cut, one change at a time, after a goal: a chip that breaks, a finish, the least time or load, the longest edge.',
  ],
  ['Rung', 'One of the speeds or feeds the machine really has.'],
  ['Set-over', 'How far the tailstock is moved sideways to turn a taper between centres.'],
  ['Shoulder', 'A square step along a bar. The nose of the tool leaves its radius in the corner.'],
  [
    'Side clearance',
    'The side of a bit falls back under its main edge by this angle. Feed takes a little of it, a thread takes much.',
  ],
  [
    'Side rake',
    'The top of a bit falls away from the side edge by this angle, so that the chip is lifted off.',
  ],
  ['Skin', 'Scale, sand or hardened metal on the outside. The first pass goes under it.'],
  ['Slip', 'What a belt loses on its pulley: 1 to 3 % when it grips, much more just before it gives up.'],
  ['Spark-out', 'Passes without infeed at the end, until hardly a spark comes.'],
  [
    'Specific energy',
    'Energy for each cubic millimetre taken off, J/mm³. A dull edge and a thin chip raise it.',
  ],
  [
    'Spring',
    'How far work, bar or cutter gives way under the cut. What is measured after a pass is worth more than what is computed.',
  ],
  ['Step-over', 'How far the cutter moves sideways for the next strip of a face.'],
  ['Structure', 'How far apart a wheel’s grains stand: 0 to 4 dense, 9 and up open.'],
  ['Swing', 'Largest diameter that clears the bed of a lathe; over the cross slide it is less.'],
  ['T-slot', 'A slot with a wider room under it, for the heads of clamping bolts.'],
  [
    'Three wires',
    'Laid in a thread and measured over: they tell its pitch diameter, which decides how the nut fits.',
  ],
  [
    'Tired machine',
    'Spindle play, worn gibs, slack: it chatters before a sound machine would, so speed, feed and depth start lower.',
  ],
  ['Wedge', 'Steel between the top and the flank, square to the edge. Under 55° the edge crumbles.'],
];
