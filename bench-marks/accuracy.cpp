#include "job.h"
#include <cstdio>
#include <cstring>
#include <cstdlib>
using namespace lantern; using namespace lantern::marks;
int main(int argc,char**argv){
  JobOptions o; o.patches=atoi(argv[1]); o.meter=argv[2]; o.noise=argv[3][0]=='y'; o.regularGrid=argv[3][1]=='g'; o.chosen=argv[3][1]=='c';
  printf("%-28s %7s %7s | %5s %5s tint %5s tone | lev | fwd mean p95 max | inv mean max | rt mean | exp  sec\n","display","dUv","lum","gm","gmax","gm");
  for(int i=4;i<argc;++i){ o.displayPath=argv[i]; try{ auto r=runJob(o);
   const char*n=strrchr(argv[i],'/')+1;
   printf("%-24s %.5f %+.4f | %.2f %.2f | %.2f %.2f | %.4f | %3d | %.3f %.3f %.3f | %.3f %.3f | %.3f %.2f | %.3f %.2f\n",n,r.whiteDeltaUv,r.luminanceError,r.grey.mean,r.grey.max,r.greyTint.mean,r.greyTint.max,r.toneError,r.levels,r.forward.mean,r.forward.p95,r.forward.max,r.inverse.mean,r.inverse.max,r.roundTrip.mean,r.roundTrip.max,r.expected,r.buildSeconds);
   }catch(std::exception&e){printf("%s: %s\n",argv[i],e.what());} fflush(stdout);}
}
