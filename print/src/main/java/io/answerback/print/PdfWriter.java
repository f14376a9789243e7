package io.answerback.print;

import io.answerback.core.paper.Measure;
import io.answerback.core.paper.Paper;
import io.answerback.core.paper.PaperElement;
import java.awt.Color;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.Function;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.pdmodel.PDPage;
import org.apache.pdfbox.pdmodel.PDPageContentStream;
import org.apache.pdfbox.pdmodel.common.PDRectangle;
import org.apache.pdfbox.pdmodel.graphics.image.JPEGFactory;
import org.apache.pdfbox.pdmodel.graphics.image.PDImageXObject;

/// Paper as PDF, its faces embedded, its words searchable.
public final class PdfWriter {
    private static final double POINTS_PER_MILLIMETRE = 72 / 25.4;
    private static final double THIN_MILLIMETRES = 0.2;
    private static final double MISSING_SIZE = 3.2;

    private PdfWriter() {}

    /// Sets and writes a paper.
    ///
    /// @param set sets the paper, given how wide words are
    /// @return the paper as set, with what could not be put on it, and the file's bytes
    /// @throws UncheckedIOException when memory or a face that ships with the application cannot be read
    public static Written write(Function<Measure, Paper> set) {
        return write(set, Map.of());
    }

    /// Sets and writes a paper with pictures on it. The place of a picture that is not there, or that cannot be
    /// read, is outlined and says so.
    ///
    /// @param set sets the paper, given how wide words are
    /// @param jpegs pictures by the names of their files, as JPEG
    /// @return the paper as set, with what could not be put on it, and the file's bytes
    /// @throws UncheckedIOException when memory or a face that ships with the application cannot be read
    public static Written write(Function<Measure, Paper> set, Map<String, byte[]> jpegs) {
        try (PDDocument document = new PDDocument();
                ByteArrayOutputStream bytes = new ByteArrayOutputStream()) {
            Faces faces = new Faces(document);
            Paper paper = set.apply(faces);
            document.getDocumentInformation().setTitle(paper.title());
            for (List<PaperElement> marks : paper.pages()) {
                page(new Sheet(document, faces, jpegs), paper, marks);
            }
            document.save(bytes);
            return new Written(paper, bytes.toByteArray());
        } catch (IOException failed) {
            throw new UncheckedIOException(failed);
        }
    }

    /// Sets a paper without writing it.
    ///
    /// @param set sets the paper, given how wide words are
    /// @throws UncheckedIOException when a face that ships with the application cannot be read
    public static Paper set(Function<Measure, Paper> set) {
        try (PDDocument unused = new PDDocument()) {
            return set.apply(new Faces(unused));
        } catch (IOException failed) {
            throw new UncheckedIOException(failed);
        }
    }

    /// A paper and its bytes.
    ///
    /// @param paper the paper as it was set
    /// @param bytes the file
    public record Written(Paper paper, byte[] bytes) {}

    /// What pages are drawn with.
    private record Sheet(PDDocument document, Faces faces, Map<String, byte[]> jpegs) {}

    private static void page(Sheet sheet, Paper paper, List<PaperElement> marks) throws IOException {
        float width = points(paper.widthMillimetres());
        float height = points(paper.heightMillimetres());
        PDPage page = new PDPage(new PDRectangle(width, height));
        sheet.document().addPage(page);
        try (PDPageContentStream pen = new PDPageContentStream(sheet.document(), page)) {
            for (PaperElement mark : marks) {
                draw(pen, sheet, height, mark);
            }
        }
    }

    private static void draw(PDPageContentStream pen, Sheet sheet, float height, PaperElement mark) throws IOException {
        switch (mark) {
            case PaperElement.Text text -> text(pen, sheet.faces(), height, text);
            case PaperElement.Rule rule -> {
                pen.setLineWidth(points(rule.width()));
                pen.moveTo(points(rule.x1()), height - points(rule.y1()));
                pen.lineTo(points(rule.x2()), height - points(rule.y2()));
                pen.stroke();
            }
            case PaperElement.Picture picture -> picture(pen, sheet, height, picture);
            case PaperElement.Box box -> {
                pen.addRect(
                        points(box.x()),
                        height - points(box.y() + box.height()),
                        points(box.width()),
                        points(box.height()));
                if (box.colour().isEmpty()) {
                    pen.setLineWidth(points(THIN_MILLIMETRES));
                    pen.stroke();
                } else {
                    pen.setNonStrokingColor(Color.decode("#" + box.colour()));
                    pen.fill();
                    pen.setNonStrokingColor(Color.BLACK);
                }
            }
        }
    }

    private static void text(PDPageContentStream pen, Faces faces, float height, PaperElement.Text text)
            throws IOException {
        pen.beginText();
        pen.setFont(faces.face(text.strong()), points(text.size()));
        pen.newLineAtOffset(points(text.x()), height - points(text.baseline()));
        pen.showText(faces.printable(text.words(), text.strong()));
        pen.endText();
    }

    private static void picture(PDPageContentStream pen, Sheet sheet, float height, PaperElement.Picture its)
            throws IOException {
        Optional<PDImageXObject> image = image(sheet, its.file());
        if (image.isEmpty()) {
            draw(pen, sheet, height, new PaperElement.Box(its.x(), its.y(), its.width(), its.height(), ""));
            double middle = its.y() + its.height() / 2;
            text(
                    pen,
                    sheet.faces(),
                    height,
                    new PaperElement.Text(its.x() + 3, middle, MISSING_SIZE, false, its.file() + " not found"));
            return;
        }
        double scale = Math.min(
                its.width() / image.get().getWidth(), its.height() / image.get().getHeight());
        double wide = image.get().getWidth() * scale;
        double high = image.get().getHeight() * scale;
        double x = its.x() + (its.width() - wide) / 2;
        double y = its.y() + (its.height() - high) / 2;
        pen.drawImage(image.get(), points(x), height - points(y + high), points(wide), points(high));
    }

    private static Optional<PDImageXObject> image(Sheet sheet, String file) {
        byte[] jpeg = sheet.jpegs().get(file);
        if (jpeg == null) {
            return Optional.empty();
        }
        try {
            return Optional.of(JPEGFactory.createFromByteArray(sheet.document(), jpeg));
        } catch (IOException | IllegalArgumentException unreadable) {
            return Optional.empty();
        }
    }

    private static float points(double millimetres) {
        return (float) (millimetres * POINTS_PER_MILLIMETRE);
    }
}
