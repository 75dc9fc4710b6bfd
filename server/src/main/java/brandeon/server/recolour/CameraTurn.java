package brandeon.server.recolour;

import com.drew.imaging.ImageMetadataReader;
import com.drew.imaging.ImageProcessingException;
import com.drew.metadata.exif.ExifIFD0Directory;
import java.awt.Graphics2D;
import java.awt.geom.AffineTransform;
import java.awt.image.BufferedImage;
import java.io.ByteArrayInputStream;
import java.io.IOException;

/**
 * How the pixels of a file are to be turned to stand upright: the orientation of Exif (CIPA DC-008, tag 0x0112), which
 * cameras write instead of turning the pixels. It is lost when a picture is written anew, so it is followed before.
 *
 * @param mirrored whether left and right change places, first
 * @param quarters quarter turns clockwise after that, 0 to 3
 */
record CameraTurn(boolean mirrored, int quarters) {

    private static final CameraTurn NONE = new CameraTurn(false, 0);

    /** None where a file says none, or nothing that can be read. */
    static CameraTurn of(byte[] file) {
        try {
            ExifIFD0Directory exif = ImageMetadataReader.readMetadata(new ByteArrayInputStream(file))
                    .getFirstDirectoryOfType(ExifIFD0Directory.class);
            Integer orientation = exif == null ? null : exif.getInteger(ExifIFD0Directory.TAG_ORIENTATION);
            return orientation == null ? NONE : of(orientation);
        } catch (ImageProcessingException | IOException e) {
            return NONE;
        }
    }

    private static CameraTurn of(int orientation) {
        return switch (orientation) {
            case 2 -> new CameraTurn(true, 0);
            case 3 -> new CameraTurn(false, 2);
            case 4 -> new CameraTurn(true, 2);
            case 5 -> new CameraTurn(true, 3);
            case 6 -> new CameraTurn(false, 1);
            case 7 -> new CameraTurn(true, 1);
            case 8 -> new CameraTurn(false, 3);
            default -> NONE;
        };
    }

    /** @param image eight bits of red, green, blue and opacity; it is given back as it is when nothing is to be done */
    BufferedImage upright(BufferedImage image) {
        if (equals(NONE)) {
            return image;
        }
        int width = image.getWidth();
        int height = image.getHeight();
        boolean across = quarters % 2 == 1;
        BufferedImage upright = new BufferedImage(across ? height : width, across ? width : height, image.getType());
        AffineTransform turn =
                AffineTransform.getTranslateInstance(upright.getWidth() / 2.0, upright.getHeight() / 2.0);
        turn.quadrantRotate(quarters);
        turn.scale(mirrored ? -1 : 1, 1);
        turn.translate(-width / 2.0, -height / 2.0);
        Graphics2D graphics = upright.createGraphics();
        graphics.drawImage(image, turn, null);
        graphics.dispose();
        return upright;
    }
}
