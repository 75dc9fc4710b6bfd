package brandeon.server.recolour;

import brandeon.core.publish.Picture;
import brandeon.server.access.Keys;
import java.util.UUID;
import java.util.regex.Pattern;
import org.springframework.stereotype.Component;

/**
 * Addresses of recoloured pictures: workspace, name and a proof that this server gave the address. So only what a theme
 * shows can be asked for, in no other colours, and only from the workspace that holds the file.
 */
@Component
public class PaintedAddresses {

    /** As core writes it: the hash of the file and how it is recoloured. */
    private static final Pattern BARE = Pattern.compile("/painted/([0-9a-f]{64}-[fst][0-9a-f]*)(?![0-9a-f/])");

    private final Keys keys;

    PaintedAddresses(Keys keys) {
        this.keys = keys;
    }

    /** The picture with full addresses in place of bare names. */
    Picture signed(UUID workspace, Picture picture) {
        if (picture.layers().stream().noneMatch(layer -> layer.svg().contains("/painted/"))) {
            return picture;
        }
        return new Picture(
                picture.x(),
                picture.y(),
                picture.width(),
                picture.height(),
                picture.layers().stream()
                        .map(layer -> new Picture.Layer(
                                layer.piece(),
                                layer.box(),
                                signed(workspace, layer.svg()),
                                layer.movements(),
                                layer.blend(),
                                layer.arrival()))
                        .toList());
    }

    String address(UUID workspace, String name) {
        return "/painted/" + workspace + "/" + name + "/" + keys.proof(text(workspace, name));
    }

    boolean proves(UUID workspace, String name, String proof) {
        return keys.isProof(proof, text(workspace, name));
    }

    private String signed(UUID workspace, String svg) {
        return BARE.matcher(svg).replaceAll(found -> address(workspace, found.group(1)));
    }

    private static String text(UUID workspace, String name) {
        return "painted:" + workspace + ":" + name;
    }
}
