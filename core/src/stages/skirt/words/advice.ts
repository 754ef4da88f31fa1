import { type School } from '../../../saying/school';
import { type Cautions } from '../../../plan/cautions';
import { type Fill, shapeOf } from '../plan/shape';

const FILL_CAUTIONS: Readonly<Record<Fill['pack'], string | false>> = {
  stone: false,
  concrete: 'Wet cement burns: gloves and goggles.',
};

/** What can hurt, where this is chosen. */
export const cautions: Cautions = ({ choices }) => {
  const shape = shapeOf(choices.plan.skirt);
  return [
    shape?.trench != null && 'Have buried services located before the trench is dug.',
    shape?.fill != null && FILL_CAUTIONS[shape.fill.pack],
    'Gloves with mesh. Turn cut ends down.',
  ];
};

/** Where keepers disagree about skirts. */
export const SCHOOLS = {
  dig: {
    question: 'Dig it in, or lay it flat?',
    schools: ['Trench, mesh straight down', 'Flat apron', 'Folded, half up, half out', 'Stones'],
    ours: 'A flat apron: as good for most diggers, no trench, works among roots. A trench where you mow, or where there are mink.',
  },
  skirtWire: {
    question: 'Which mesh in the ground?',
    schools: ['Thick wire with wide openings', 'Fine mesh'],
    ours: 'By the threats present: thick against dogs, fine against mink and rats, fine of heavy wire against both.',
  },
} as const satisfies Readonly<Record<string, School>>;
