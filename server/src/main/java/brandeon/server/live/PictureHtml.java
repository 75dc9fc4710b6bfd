package brandeon.server.live;

import brandeon.core.art.FirstWords;
import brandeon.core.publish.Picture;
import java.util.List;
import java.util.Locale;
import java.util.function.Function;
import org.springframework.web.util.HtmlUtils;

/** A picture as a page holds it, so that it is painted before any script runs. */
public final class PictureHtml {

    private PictureHtml() {}

    /**
     * What the page's own script reads; see docs/protocol.md.
     *
     * @param faces addresses of the font files that this picture needs
     */
    public record First(String hash, int x, int y, int width, int height, List<FirstLayer> layers, List<String> faces) {

        public static First of(Picture picture) {
            return new First(
                    picture.hash(),
                    picture.x(),
                    picture.y(),
                    picture.width(),
                    picture.height(),
                    picture.layers().stream()
                            .map(layer -> new FirstLayer(layer.piece(), layer.movements(), layer.arrival()))
                            .toList(),
                    picture.faces().stream()
                            .map(face -> "/fonts/" + face.fileName())
                            .toList());
        }
    }

    public record FirstLayer(String piece, List<Picture.Movement> movements, List<Picture.Movement> arrival) {}

    /**
     * The layers as the painter mounts them. What depends on the moment stays hidden until the page's script has set
     * it.
     */
    public static String layers(Picture picture) {
        return layers(picture, Picture.Layer::svg);
    }

    /** The same for a page whose faces have yet to come: its words are outlines until then ({@link FirstWords}). */
    public static String beforeFaces(Picture picture) {
        return layers(picture, layer -> layer.timed() ? layer.svg() : FirstWords.in(layer.svg()));
    }

    private static String layers(Picture picture, Function<Picture.Layer, String> written) {
        StringBuilder all = new StringBuilder();
        for (Picture.Layer layer : picture.layers()) {
            all.append(String.format(
                            Locale.ROOT,
                            "<svg xmlns=\"http://www.w3.org/2000/svg\" width=\"%1$d\" height=\"%2$d\" viewBox=\"%6$d %7$d %1$d %2$d\" data-piece=\"%3$s\" style=\"position:absolute;left:0;top:0;overflow:hidden%4$s%5$s\">",
                            picture.width(),
                            picture.height(),
                            HtmlUtils.htmlEscape(layer.piece()),
                            layer.timed() ? ";visibility:hidden" : "",
                            layer.blend().equals("normal") ? "" : ";mix-blend-mode:" + layer.blend(),
                            picture.x(),
                            picture.y()))
                    .append(written.apply(layer))
                    .append("</svg>");
        }
        return all.toString();
    }
}
