package brandeon.server.sheet;

import brandeon.core.canvas.BoxFill;
import brandeon.core.canvas.CaptureFit;
import brandeon.core.text.Face;
import com.google.zxing.BarcodeFormat;
import com.google.zxing.EncodeHintType;
import com.google.zxing.WriterException;
import com.google.zxing.common.BitMatrix;
import com.google.zxing.qrcode.QRCodeWriter;
import com.google.zxing.qrcode.decoder.ErrorCorrectionLevel;
import java.awt.Color;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import org.openpdf.text.Chunk;
import org.openpdf.text.Document;
import org.openpdf.text.Element;
import org.openpdf.text.Font;
import org.openpdf.text.Image;
import org.openpdf.text.PageSize;
import org.openpdf.text.Paragraph;
import org.openpdf.text.Rectangle;
import org.openpdf.text.pdf.BaseFont;
import org.openpdf.text.pdf.PdfContentByte;
import org.openpdf.text.pdf.PdfPCell;
import org.openpdf.text.pdf.PdfPTable;
import org.openpdf.text.pdf.PdfPageEventHelper;
import org.openpdf.text.pdf.PdfTemplate;
import org.openpdf.text.pdf.PdfWriter;

/** A source sheet for print, A4: a box to tick before each source, and its link as a QR code as well. */
final class SheetPdf {

    private static final float SMALL = 8;
    private static final float PLAIN = 9.5f;
    private static final float LARGE = 18;
    private static final float MARGIN = 42;
    /** Points, with the white around it. */
    private static final float CODE = 82;

    /** Modules that stay white around a code (ISO/IEC 18004, from memory). */
    private static final int QUIET = 4;

    private static final float TICK = 11;
    private static final Color INK = new Color(0x22, 0x22, 0x22);
    private static final Color FAINT = new Color(0x66, 0x66, 0x66);
    private static final Color RULE = new Color(0xbb, 0xbb, 0xbb);

    private final SheetView sheet;
    private final BaseFont face = face(Face.ATKINSON);
    private final BaseFont bold = face(Face.ATKINSON_BOLD);
    private PdfContentByte canvas;

    private SheetPdf(SheetView sheet) {
        this.sheet = sheet;
    }

    static byte[] of(SheetView sheet) {
        return new SheetPdf(sheet).written();
    }

    /** A face that the application ships, so that names in many languages print. */
    private static BaseFont face(Face face) {
        try {
            return BaseFont.createFont(
                    face.fileName(),
                    BaseFont.IDENTITY_H,
                    BaseFont.EMBEDDED,
                    BaseFont.CACHED,
                    face.bytes().orElseThrow(),
                    null);
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    private byte[] written() {
        ByteArrayOutputStream bytes = new ByteArrayOutputStream();
        Document document = new Document(PageSize.A4, MARGIN, MARGIN, MARGIN, MARGIN);
        PdfWriter writer = PdfWriter.getInstance(document, bytes);
        writer.setPageEvent(new Foot());
        document.addTitle("Sources: " + sheet.theme() + ", " + sheet.canvas().name());
        document.open();
        canvas = writer.getDirectContent();
        document.add(new Paragraph(sheet.theme(), font(bold, LARGE, INK)));
        document.add(new Paragraph(
                String.format(
                        Locale.ROOT,
                        "%s, %d × %d at %d frames a second · release %d · sources from bottom to top",
                        sheet.canvas().name(),
                        sheet.canvas().size().width(),
                        sheet.canvas().size().height(),
                        sheet.canvas().frameRate(),
                        sheet.release()),
                font(face, PLAIN, FAINT)));
        sheet.scenes().forEach(page -> document.add(scene(page)));
        document.close();
        return bytes.toByteArray();
    }

    private PdfPTable scene(SheetView.SheetPage page) {
        PdfPTable table = new PdfPTable(new float[] {24, 450 - CODE, CODE});
        table.setWidthPercentage(100);
        table.setSpacingBefore(14);
        table.setSplitRows(false);
        PdfPCell head = new PdfPCell();
        head.setColspan(3);
        head.setBorder(Rectangle.BOTTOM);
        head.setBorderColor(INK);
        head.setPaddingBottom(4);
        head.addElement(new Paragraph(page.name(), font(bold, 12, INK)));
        head.addElement(new Paragraph(page.reason(), font(face, SMALL, FAINT)));
        table.addCell(head);
        table.setHeaderRows(1);
        page.sources().forEach(item -> {
            table.addCell(tick());
            table.addCell(
                    switch (item) {
                        case SheetView.SheetBrowser browser -> browser(browser);
                        case SheetView.SheetCapture capture -> capture(capture);
                    });
            table.addCell(code(item));
        });
        return table;
    }

    private PdfPCell browser(SheetView.SheetBrowser one) {
        return text(
                String.format(Locale.ROOT, "%d  %s", one.order(), one.name()),
                one.link().isEmpty() ? List.of("Its link was withdrawn.") : List.of(one.link()),
                List.of(
                        String.format(
                                Locale.ROOT,
                                "Browser source · width %d · height %d · %d frames a second · at %d, %d, not scaled",
                                one.width(),
                                one.height(),
                                one.frameRate(),
                                one.x(),
                                one.y()),
                        "While its scene is off: " + one.behaviour().words() + ". " + one.reason(),
                        one.sound() ? "Route its sound: alerts may be heard here." : "No sound."));
    }

    private PdfPCell capture(SheetView.SheetCapture one) {
        CaptureFit fit = one.crop();
        BoxFill box = one.box();
        String turned = one.turn() == 0
                ? ""
                : String.format(
                        Locale.ROOT,
                        " · turned %.1f° clockwise about %.0f, %.0f",
                        one.turn(),
                        one.centreX(),
                        one.centreY());
        return text(
                String.format(
                        Locale.ROOT,
                        "%d  %s (capture of %d × %d)",
                        one.order(),
                        one.name(),
                        one.size().width(),
                        one.size().height()),
                List.of(),
                List.of(
                        String.format(
                                Locale.ROOT,
                                "With a crop in its own pixels: cut left %d, top %d, right %d, bottom %d · scale %.2f %% · at %d, %d%s",
                                fit.crop().left(),
                                fit.crop().top(),
                                fit.crop().right(),
                                fit.crop().bottom(),
                                fit.scale() * 100,
                                fit.x(),
                                fit.y(),
                                turned),
                        String.format(
                                Locale.ROOT,
                                "Or with a box that it fills: at %d, %d · %d × %d · %s%s",
                                box.x(),
                                box.y(),
                                box.width(),
                                box.height(),
                                box.centred()
                                        ? "centred"
                                        : String.format(
                                                Locale.ROOT,
                                                "%.0f %% of what sticks out is left of it, %.0f %% above it",
                                                box.across() * 100,
                                                box.down() * 100),
                                turned)));
    }

    private PdfPCell text(String title, List<String> links, List<String> lines) {
        PdfPCell cell = plain();
        cell.addElement(new Paragraph(title, font(bold, PLAIN, INK)));
        links.forEach(link -> {
            Paragraph paragraph = new Paragraph(SMALL + 3);
            // A link has no spaces, so it may break anywhere.
            paragraph.add(new Chunk(link, font(face, SMALL, INK)).setSplitCharacter((_, _, _, _, _) -> true));
            cell.addElement(paragraph);
        });
        lines.forEach(line -> cell.addElement(new Paragraph(SMALL + 3, line, font(face, SMALL, FAINT))));
        return cell;
    }

    private PdfPCell tick() {
        PdfPCell cell = plain();
        PdfTemplate box = canvas.createTemplate(TICK + 1, TICK + 1);
        box.setLineWidth(0.8f);
        box.setColorStroke(INK);
        box.rectangle(0.5f, 0.5f, TICK, TICK);
        box.stroke();
        cell.addElement(new Chunk(Image.getInstance(box), 0, -3));
        return cell;
    }

    private PdfPCell code(SheetView.SheetItem item) {
        PdfPCell cell = plain();
        cell.setHorizontalAlignment(Element.ALIGN_RIGHT);
        if (item instanceof SheetView.SheetBrowser browser && !browser.link().isEmpty()) {
            PdfTemplate code = drawn(browser.link());
            cell.setImage(Image.getInstance(code));
        }
        return cell;
    }

    /** As squares, so that it prints sharp at any size. */
    private PdfTemplate drawn(String link) {
        BitMatrix bits = bits(link);
        float one = CODE / bits.getWidth();
        PdfTemplate template = canvas.createTemplate(CODE, CODE);
        template.setColorFill(Color.BLACK);
        for (int y = 0; y < bits.getHeight(); y++) {
            for (int x = 0; x < bits.getWidth(); x++) {
                if (bits.get(x, y)) {
                    template.rectangle(x * one, CODE - (y + 1) * one, one, one);
                }
            }
        }
        template.fill();
        return template;
    }

    private static BitMatrix bits(String link) {
        try {
            return new QRCodeWriter()
                    .encode(
                            link,
                            BarcodeFormat.QR_CODE,
                            0,
                            0,
                            Map.of(
                                    EncodeHintType.MARGIN,
                                    QUIET,
                                    EncodeHintType.ERROR_CORRECTION,
                                    ErrorCorrectionLevel.M));
        } catch (WriterException e) {
            throw new IllegalStateException("A link of " + link.length() + " letters has no QR code", e);
        }
    }

    private static PdfPCell plain() {
        PdfPCell cell = new PdfPCell();
        cell.setBorder(Rectangle.BOTTOM);
        cell.setBorderColor(RULE);
        cell.setPaddingTop(4);
        cell.setPaddingBottom(6);
        return cell;
    }

    private static Font font(BaseFont face, float size, Color colour) {
        return new Font(face, size, Font.NORMAL, colour);
    }

    /** Whose sheet it is and which page, on every page. */
    private final class Foot extends PdfPageEventHelper {
        @Override
        public void onEndPage(PdfWriter writer, Document document) {
            PdfContentByte content = writer.getDirectContent();
            content.beginText();
            content.setFontAndSize(face, SMALL);
            content.setColorFill(FAINT);
            content.showTextAligned(
                    Element.ALIGN_LEFT,
                    sheet.theme() + ", " + sheet.canvas().name() + " · page " + writer.getPageNumber(),
                    MARGIN,
                    MARGIN / 2,
                    0);
            content.endText();
        }
    }
}
