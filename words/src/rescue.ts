/** A step of the caustic bath: what to do, and why it is dangerous. */
export interface BathStep {
  readonly title: string;
  readonly text: string;
  readonly cautions: readonly string[];
}

/** The caustic bath, one step at a time; the doses are filled in. */
export function bathSteps(dose: string, water: string, air: string): readonly BathStep[] {
  return [
    {
      title: 'The place',
      text: `Outdoors, or in a strong draught: ${air} of fresh air at least. Running water within reach.`,
      cautions: ['The bath gives off hydrogen and caustic mist: no flame, no spark, no switch near.'],
    },
    {
      title: 'Put on',
      text: 'Tight goggles and a face shield over them, long rubber gloves, an apron.',
      cautions: [
        'Skin or eyes: rinse at once with plenty of water for 15 to 20 minutes and get medical help.',
      ],
    },
    {
      title: 'The vessel',
      text: 'Plastic (PE, PP) or stainless, open, twice as deep as the bath, labelled. No aluminium, zinc, brass or glass, neither vessel nor tool.',
      cautions: ['No brazed tool, and nothing with an aluminium, zinc or brass part, goes into the bath.'],
    },
    { title: 'Cold water first', text: `${water} of cold water into the vessel.`, cautions: [] },
    {
      title: 'Lye into the water, slowly',
      text: `${dose} of sodium hydroxide, a spoon at a time, stirring with plastic.`,
      cautions: ['Lye into water, never water into lye: it boils and spits.'],
    },
    {
      title: 'Lower the edges in',
      text: 'In a plastic basket, slowly. Stand back.',
      cautions: ['It bubbles at once and warms up: no face over it.'],
    },
    {
      title: 'Wait for the bubbling to stop',
      text: 'Then take them out, at the most after 30 minutes: the cobalt in carbide does not like it longer. Layers that hold aluminium may suffer.',
      cautions: ['Do not leave it alone.'],
    },
    {
      title: 'Rinse twice, dry, oil',
      text: 'Look at each edge with a glass: no chip, no crack.',
      cautions: ['Gloves and goggles stay on until everything is rinsed.'],
    },
    {
      title: 'Put away',
      text: 'Dilute, neutralise slowly, hand the rest in where local rules say. Lock the lye away. Wash your hands.',
      cautions: [
        'Never together with acid cleaner or bleach. Away from children and animals, never in a food bottle.',
      ],
    },
  ];
}

/** What made the metal weld on, and what to use instead. */
export const WELDED_CAUSES: readonly string[] = [
  'A coating that holds aluminium, or a honed edge: use a polished, uncoated, sharp, positive one.',
  'No fluid, or too little: paraffin by brush, mist or soluble oil.',
  'Too slow: soft metal builds up on an edge at low speed; go faster where the machine can.',
];
