package brandeon.core;
import brandeon.core.art.*; import brandeon.core.canvas.*; import brandeon.core.layout.*; import brandeon.core.live.*; import brandeon.core.publish.*; import brandeon.core.theme.*; import brandeon.core.demo.*;
import java.util.*;
class Peek { @org.junit.jupiter.api.Test void peek() throws Exception {
 Theme t = ReedlightHide.theme(); Resolver r = new Resolver(t);
 var live = new LiveState(Readings.of(List.of(new Signal("1", SignalKind.SUBSCRIPTION, "Tavi Brook", 1, "", 0, 0), new Signal("2", SignalKind.FOLLOW, "quiet_otter", 0, "", 0, 0))), Map.of(), Optional.of(new LiveState.Shown(new Signal("1", SignalKind.SUBSCRIPTION, "Tavi Brook", 1, "", 0, 0), new AlertSlot(1,7000))));
 for (var s : t.scenes()) for (var c : t.canvases()) { if (c.id().equals("recording")) continue; var res = r.resolve(s, c, live);
  javax.imageio.ImageIO.write(Raster.paint(c.size(), Picture.marks(res, Part.WHOLE), 0), "png", new java.io.File("/tmp/probe/look/" + s.id() + "-" + c.id() + ".png"));
  for (var f : Findings.of(res)) System.out.println(s.id() + " " + c.id() + " " + f.sentence()); 
  for (var o : res.openings()) System.out.println(o.opening().box()+" "+o.fit()); }
}}
