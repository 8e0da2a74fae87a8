import { instance, solveWithHighs } from "/work/main/bench/cutting-model";
import { planCutting, checkCutting } from "/work/main/core/planning/cutting";
for (const [n,b] of [[50,5],[50,20],[200,20],[200,40],[1000,40],[1000,80]] as const) for (const seed of [1,2,3]) {
  const inp = instance(seed,n,b);
  planCutting({...inp, effort:1});
  const t=performance.now(); const p=planCutting(inp); const ms=performance.now()-t;
  const faults=checkCutting(inp,p.cuts);
  let h: any = {};
  if (process.argv[2]) h = await solveWithHighs(inp, p.newBalls, Number(process.argv[2]));
  console.log(n,b,'balls',inp.balls.length,'seed',seed,'new',p.newBalls,'bound',p.bound.newBalls,'dead',p.dead,ms.toFixed(0)+'ms','faults',faults.length,'highs',h.newBalls,h.seconds?.toFixed(1));
}
