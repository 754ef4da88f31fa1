import type { Cautions } from '../../../plan/cautions';
import type { School } from '../../../saying/school';

/** What can hurt, where this is planned: each only where it applies. */
export const cautions: Cautions = ({ nets, hotWires, power, ground }) => {
  const lines = (kind: string) => ground.boundaries.some((b) => b.kind === kind);
  const live = nets.length > 0 || hotWires.length > 0;
  const buried = ground.services.some(({ kind }) => kind === 'power' || kind === 'phone');
  return [
    !live && 'Electric fences have rules of their own where you live: read them before you buy.',
    live &&
      'Hang warning signs where people can come to it. Follow the energiser’s manual and the local standard for electric fences.',
    live &&
      'One energiser to one fence, made for fences, under cover. Never mains direct, never barbed wire; another live fence stays 2.5 m off.',
    live &&
      'Small children are never alone near a live net: a head against it cannot pull away. Keep it off for whoever has a pacemaker.',
    power.energiser?.kind === 'sold' &&
      power.energiser.product.startsWith('energiser-mains') &&
      'Mains work is an electrician’s. Earth rods stand 10 m from any mains earth, buried metal or building with mains.',
    power.battery !== null &&
      'Never charge a battery while it is on the fence, and keep no lead-acid battery in a closed house.',
    buried &&
      'Have buried cables located before a rod is driven; rods keep 10 m from mains and telephone earths.',
    lines('path') && 'No live net crosses a path that others use, and none stands within reach of it.',
    lines('water') && 'Keep live nets 2 m off ponds and banks: what falls against one in water drowns.',
    nets.some((n) => n.foot === 'live') &&
      'Where hedgehogs, toads or tortoises live, disconnect the lowest strand or raise it by 50 mm at most: they curl up on it and die.',
    nets.length > 0 && 'Nothing long is raised near overhead lines, and no net is led along under them.',
  ];
};

/** Where keepers disagree about live nets. */
export const SCHOOLS = {
  live: {
    question: 'A fort or a deterrent?',
    schools: [
      'A strong run, dug in and roofed',
      'A light shelter inside a live net that is walked and tested each day',
    ],
    ours: 'Both where the pressure is high: a net outside, mesh inside, the house shut at night. A net alone only where it is looked at daily.',
  },
} as const satisfies Readonly<Record<string, School>>;
