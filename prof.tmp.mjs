import { spawn } from 'node:child_process'
const [,,db,prof,...paths]=process.argv
const child=spawn('node',[...(prof==='1'?['--cpu-prof','--cpu-prof-dir=/tmp/prof']:[]),'node_modules/next/dist/bin/next','start','-H','127.0.0.1','-p','4555'],{env:{...process.env,DATABASE_URL:'file:.scratch/'+db+'.db'},stdio:'ignore'})
for(;;){ if(await fetch('http://127.0.0.1:4555/icon.svg').then(r=>r.ok,()=>false))break; await new Promise(r=>setTimeout(r,100))}
if(prof!=='1')await new Promise(r=>setTimeout(r,Number(process.env.W??500)))
for(const p of paths){const b=performance.now();await (await fetch('http://127.0.0.1:4555'+p)).text();console.log(p,(performance.now()-b).toFixed(0))}
child.kill('SIGINT'); await new Promise(r=>{child.on('exit',r);setTimeout(r,8000)})
