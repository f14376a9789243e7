package io.answerback.print;

import io.answerback.core.paper.Measure;
import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import org.apache.fontbox.ttf.TTFParser;
import org.apache.fontbox.ttf.TrueTypeFont;
import org.apache.pdfbox.io.RandomAccessReadBuffer;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.pdmodel.font.PDFont;
import org.apache.pdfbox.pdmodel.font.PDType0Font;

/// The two faces paper is set in, embedded in a document.
final class Faces implements Measure {
    private static final double UNITS = 1000;
    private static final String STAND_IN = "?";
    /// What stands for a space of another width.
    private static final String SPACE = "\u00a0";

    private final PDFont regular;
    private final PDFont strong;

    /// Embeds the faces.
    ///
    /// @throws UncheckedIOException when a face that ships with the application cannot be read
    Faces(PDDocument document) {
        regular = load(document, "BarlowSemiCondensed_400Regular.ttf");
        strong = load(document, "BarlowSemiCondensed_600SemiBold.ttf");
    }

    /// Letters are never joined to ligatures, which a reader of the file could not search for or copy as text.
    private static PDFont load(PDDocument document, String name) {
        try (InputStream in = Faces.class.getResourceAsStream(name)) {
            TrueTypeFont face = new TTFParser().parse(new RandomAccessReadBuffer(in));
            face.setEnableGsub(false);
            document.registerTrueTypeFontForClosing(face);
            return PDType0Font.load(document, face, true);
        } catch (IOException unreadable) {
            throw new UncheckedIOException(unreadable);
        }
    }

    PDFont face(boolean stands) {
        return stands ? strong : regular;
    }

    @Override
    public double width(String words, double size, boolean stands) {
        try {
            return face(stands).getStringWidth(printable(words, stands)) / UNITS * size;
        } catch (IOException unreadable) {
            throw new UncheckedIOException(unreadable);
        }
    }

    /// The words with a question mark for every letter the face does not have, and a plain space for a thin
    /// one.
    String printable(String words, boolean stands) {
        StringBuilder text = new StringBuilder();
        words.codePoints().forEach(letter -> {
            String one = Character.toString(letter);
            text.append(has(one, stands) ? one : Character.isSpaceChar(one.codePointAt(0)) ? SPACE : STAND_IN);
        });
        return text.toString();
    }

    private boolean has(String letter, boolean stands) {
        try {
            face(stands).encode(letter);
            return true;
        } catch (IOException | IllegalArgumentException missing) {
            return false;
        }
    }
}
