package io.answerback.print;

import io.answerback.core.paper.Measure;
import io.answerback.core.paper.Paper;
import io.answerback.core.paper.PaperElement;
import java.awt.Color;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.util.List;
import java.util.function.Function;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.pdmodel.PDPage;
import org.apache.pdfbox.pdmodel.PDPageContentStream;
import org.apache.pdfbox.pdmodel.common.PDRectangle;

/// Paper as PDF, its faces embedded, its words searchable.
public final class PdfWriter {
    private static final double POINTS_PER_MILLIMETRE = 72 / 25.4;
    private static final double THIN_MILLIMETRES = 0.2;

    private PdfWriter() {}

    /// Sets and writes a paper.
    ///
    /// @param set sets the paper, given how wide words are
    /// @return the paper as set, with what could not be put on it, and the file's bytes
    /// @throws UncheckedIOException when memory or a face that ships with the application cannot be read
    public static Written write(Function<Measure, Paper> set) {
        try (PDDocument document = new PDDocument();
                ByteArrayOutputStream bytes = new ByteArrayOutputStream()) {
            Faces faces = new Faces(document);
            Paper paper = set.apply(faces);
            document.getDocumentInformation().setTitle(paper.title());
            for (List<PaperElement> marks : paper.pages()) {
                page(document, faces, paper, marks);
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

    private static void page(PDDocument document, Faces faces, Paper paper, List<PaperElement> marks)
            throws IOException {
        float width = points(paper.widthMillimetres());
        float height = points(paper.heightMillimetres());
        PDPage page = new PDPage(new PDRectangle(width, height));
        document.addPage(page);
        try (PDPageContentStream pen = new PDPageContentStream(document, page)) {
            for (PaperElement mark : marks) {
                draw(pen, faces, height, mark);
            }
        }
    }

    private static void draw(PDPageContentStream pen, Faces faces, float height, PaperElement mark) throws IOException {
        switch (mark) {
            case PaperElement.Text text -> {
                pen.beginText();
                pen.setFont(faces.face(text.strong()), points(text.size()));
                pen.newLineAtOffset(points(text.x()), height - points(text.baseline()));
                pen.showText(faces.printable(text.words(), text.strong()));
                pen.endText();
            }
            case PaperElement.Rule rule -> {
                pen.setLineWidth(points(rule.width()));
                pen.moveTo(points(rule.x1()), height - points(rule.y1()));
                pen.lineTo(points(rule.x2()), height - points(rule.y2()));
                pen.stroke();
            }
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

    private static float points(double millimetres) {
        return (float) (millimetres * POINTS_PER_MILLIMETRE);
    }
}
