package brandeon.core.pack;

import java.io.ByteArrayInputStream;
import java.io.IOException;
import java.util.function.Consumer;
import javax.imageio.ImageIO;
import javax.imageio.ImageReader;
import javax.imageio.metadata.IIOMetadata;
import javax.imageio.metadata.IIOMetadataNode;
import javax.imageio.stream.ImageInputStream;
import org.w3c.dom.NodeList;

/** Animated GIF (GIF89a), through the JDK's own reader. */
record GifFilm(byte[] content, int width, int height, int frames, int plays) implements MovingPicture.Film {

    static GifFilm of(byte[] content) throws IOException {
        try (ImageInputStream input = ImageIO.createImageInputStream(new ByteArrayInputStream(content))) {
            ImageReader reader = reader(input);
            try {
                IIOMetadataNode screen = child(root(reader.getStreamMetadata()), "LogicalScreenDescriptor");
                return new GifFilm(
                        content,
                        number(screen, "logicalScreenWidth"),
                        number(screen, "logicalScreenHeight"),
                        reader.getNumImages(true),
                        plays(root(reader.getImageMetadata(0))));
            } finally {
                reader.dispose();
            }
        }
    }

    @Override
    public void each(Consumer<MovingPicture.Part> taker) throws IOException {
        try (ImageInputStream input = ImageIO.createImageInputStream(new ByteArrayInputStream(content))) {
            ImageReader reader = reader(input);
            try {
                for (int i = 0; i < frames; i++) {
                    IIOMetadataNode about = root(reader.getImageMetadata(i));
                    IIOMetadataNode place = child(about, "ImageDescriptor");
                    IIOMetadataNode control = child(about, "GraphicControlExtension");
                    MovingPicture.Disposal disposal = switch (control.getAttribute("disposalMethod")) {
                        case "restoreToBackgroundColor" -> MovingPicture.Disposal.CLEAR;
                        case "restoreToPrevious" -> MovingPicture.Disposal.RESTORE;
                        default -> MovingPicture.Disposal.KEEP;
                    };
                    taker.accept(new MovingPicture.Part(
                            reader.read(i),
                            number(place, "imageLeftPosition"),
                            number(place, "imageTopPosition"),
                            number(control, "delayTime") * 10,
                            disposal,
                            true));
                }
            } finally {
                reader.dispose();
            }
        }
    }

    private static ImageReader reader(ImageInputStream input) {
        ImageReader reader = ImageIO.getImageReadersByFormatName("gif").next();
        reader.setInput(input);
        return reader;
    }

    private static IIOMetadataNode root(IIOMetadata metadata) {
        return (IIOMetadataNode) metadata.getAsTree(metadata.getNativeMetadataFormatName());
    }

    private static IIOMetadataNode child(IIOMetadataNode node, String name) {
        NodeList found = node.getElementsByTagName(name);
        return found.getLength() == 0 ? new IIOMetadataNode(name) : (IIOMetadataNode) found.item(0);
    }

    private static int number(IIOMetadataNode node, String name) {
        String value = node.getAttribute(name);
        return value.isEmpty() ? 0 : Integer.parseInt(value);
    }

    /** The block that browsers go by: how often it is repeated; without it a GIF plays once. */
    private static int plays(IIOMetadataNode about) {
        NodeList extensions = about.getElementsByTagName("ApplicationExtension");
        for (int i = 0; i < extensions.getLength(); i++) {
            IIOMetadataNode extension = (IIOMetadataNode) extensions.item(i);
            if (extension.getUserObject() instanceof byte[] block && block.length >= 3 && block[0] == 1) {
                int again = MovingPicture.littleEndian(block, 1, 2);
                return again == 0 ? 0 : again + 1;
            }
        }
        return 1;
    }
}
