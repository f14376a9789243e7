package io.answerback.print;

import io.answerback.core.paper.Paper;
import io.answerback.core.paper.PaperElement;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;

/// Paper as SVG, a text a page, in millimetres.
public final class SvgWriter {
    private static final String FACE = "Barlow Semi Condensed, Arial Narrow, sans-serif";

    private SvgWriter() {}

    /// Every page as an SVG document.
    public static List<String> write(Paper paper) {
        List<String> pages = new ArrayList<>();
        for (List<PaperElement> marks : paper.pages()) {
            StringBuilder svg = new StringBuilder(format(
                    "<svg xmlns=\"http://www.w3.org/2000/svg\" width=\"%smm\" height=\"%smm\" viewBox=\"0 0 %s %s\">\n",
                    paper.widthMillimetres(),
                    paper.heightMillimetres(),
                    paper.widthMillimetres(),
                    paper.heightMillimetres()));
            svg.append("<title>").append(escaped(paper.title())).append("</title>\n");
            marks.forEach(mark -> svg.append(element(mark)).append('\n'));
            pages.add(svg.append("</svg>\n").toString());
        }
        return pages;
    }

    private static String element(PaperElement mark) {
        return switch (mark) {
            case PaperElement.Text text ->
                format("<text x=\"%s\" y=\"%s\" font-size=\"%s\"", text.x(), text.baseline(), text.size())
                        + " font-family=\"" + FACE + "\"" + (text.strong() ? " font-weight=\"600\"" : "") + ">"
                        + escaped(text.words()) + "</text>";
            case PaperElement.Rule rule ->
                format(
                        "<line x1=\"%s\" y1=\"%s\" x2=\"%s\" y2=\"%s\" stroke=\"#000\" stroke-width=\"%s\"/>",
                        rule.x1(), rule.y1(), rule.x2(), rule.y2(), rule.width());
            case PaperElement.Picture picture ->
                format(
                                "<image x=\"%s\" y=\"%s\" width=\"%s\" height=\"%s\"",
                                picture.x(), picture.y(), picture.width(), picture.height())
                        + " href=\"" + escaped(picture.file()) + "\"/>";
            case PaperElement.Box box ->
                format(
                                "<rect x=\"%s\" y=\"%s\" width=\"%s\" height=\"%s\"",
                                box.x(), box.y(), box.width(), box.height())
                        + (box.colour().isEmpty()
                                ? " fill=\"none\" stroke=\"#000\" stroke-width=\"0.2\"/>"
                                : " fill=\"#" + box.colour() + "\"/>");
        };
    }

    private static String format(String pattern, Object... figures) {
        Object[] rounded = new Object[figures.length];
        for (int i = 0; i < figures.length; i++) {
            rounded[i] = String.format(Locale.ROOT, "%.3f", (double) figures[i]).replaceAll("\\.?0+$", "");
        }
        return pattern.formatted(rounded);
    }

    private static String escaped(String words) {
        StringBuilder text = new StringBuilder();
        words.codePoints().filter(letter -> letter >= ' ').forEach(letter -> {
            switch (letter) {
                case '<' -> text.append("&lt;");
                case '>' -> text.append("&gt;");
                case '&' -> text.append("&amp;");
                case '"' -> text.append("&quot;");
                default -> text.appendCodePoint(letter);
            }
        });
        return text.toString();
    }
}
