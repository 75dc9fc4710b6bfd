package brandeon.server.file;

import brandeon.core.opening.Openings;
import brandeon.core.recolour.Cluster;
import java.util.List;

/**
 * What was found out about a picture when it was taken in.
 *
 * @param width    in pixels
 * @param moving   whether it has more than one frame
 * @param clusters its main colours, largest first
 */
public record FileFacts(int width, int height, boolean moving, List<Cluster> clusters, Openings openings) {}
