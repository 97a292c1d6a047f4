import { demoServer } from './scripts/lib/demo-server.mjs'
const s = await demoServer('prof', { large: true })
const m=a=>a.sort((x,y)=>x-y)[a.length>>1].toFixed(0)
for (const p of ['/ground/papers','/walk','/season','/ground','/bench/water','/clinic','/clinic/cases']) {
  let t=''; for(let i=0;i<12;i++) t=await (await fetch(s.address+p)).text()
  const ms=[],rsc=[];for(let i=0;i<25;i++){let b=performance.now();await (await fetch(s.address+p)).text();ms.push(performance.now()-b);b=performance.now();await (await fetch(s.address+p,{headers:{RSC:'1'}})).text();rsc.push(performance.now()-b)}
  console.log(p,'ms',m(ms),'rsc',m(rsc),'kB',(t.length/1024)|0)
}
s.stop()
