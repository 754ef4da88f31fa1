import { DEMO_PLANS, reckon, sayFinding, readerFor, STARTS, propose, BIRD_KINDS, THREATS } from './src/index';
const show=(p:any)=>{ const r=reckon(p) as any; const reader=readerFor(p); console.log('==',p.name, JSON.stringify(p.threats), p.sides.map((s:any)=>s.kind).join(' '), 'cov', p.covers.map((c:any)=>c.kind+' '+c.height).join(','), 'top', p.choices.plan.bands.at(-1)?.top, 'overhang',p.choices.plan.overhang);
 for (const f of r.findings) console.log('  ',f.severity,f.stage,f.code,sayFinding(f,reader)); };
for (const p of DEMO_PLANS) show(p);
console.log(Object.keys(STARTS));
