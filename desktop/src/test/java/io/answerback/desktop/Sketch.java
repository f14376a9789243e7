package io.answerback.desktop;

import io.answerback.desktop.part.Across;
import io.answerback.desktop.part.Part;
import io.answerback.desktop.part.Pen;
import io.answerback.desktop.part.Picture;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;

/// A picture as its numbers: what was drawn, in which style, and where.
public final class Sketch implements Pen {
    /// Something that was drawn.
    ///
    /// @param at x1 y1 x2 y2 of a line, x y width height of a box, x y of words and parts, every x and y of a
    ///     path
    public record Drawing(String sort, String style, String text, List<Double> at, List<Part> part, Said said) {
        /// One of its numbers.
        public double number(int index) {
            return at.get(index);
        }

        /// Whether it has a style.
        public boolean styled(String wanted) {
            return List.of(style.split(" ")).contains(wanted);
        }
    }

    /// What was added to something that was drawn.
    public static final class Said implements Item {
        private String says = "";
        private Runnable click = () -> {
            throw new AssertionError("a click does nothing here");
        };

        /// What it says to screen readers.
        public String words() {
            return says;
        }

        /// Clicks it.
        public void press() {
            click.run();
        }

        @Override
        public Item says(String words) {
            says = words;
            return this;
        }

        @Override
        public Item onClick(Runnable does) {
            click = does;
            return this;
        }

        @Override
        public Item passive() {
            return this;
        }

        @Override
        public Item hint(String words) {
            return this;
        }
    }

    private final List<Drawing> drawings = new ArrayList<>();

    /// A picture drawn this wide, in the least height it needs.
    public static Sketch of(Picture picture, double width) {
        return of(picture, width, picture.height());
    }

    /// A picture drawn this wide and high.
    public static Sketch of(Picture picture, double width, double height) {
        Sketch sketch = new Sketch();
        picture.drawWith(sketch, width, height);
        return sketch;
    }

    /// Everything that was drawn, in order.
    public List<Drawing> all() {
        return drawings;
    }

    /// What was drawn in a style.
    public List<Drawing> styled(String style) {
        return drawings.stream().filter(its -> its.styled(style)).toList();
    }

    /// The one thing that was drawn in a style.
    public Drawing one(String style) {
        List<Drawing> found = styled(style);
        if (found.size() != 1) {
            throw new AssertionError(found.size() + " are drawn as " + style);
        }
        return found.getFirst();
    }

    /// The words that begin so.
    public Drawing words(String beginning) {
        return drawings.stream()
                .filter(its -> its.sort().equals("words") && its.text().startsWith(beginning))
                .findFirst()
                .orElseThrow(() -> new AssertionError("nothing reads " + beginning));
    }

    private Item add(String sort, String style, String text, List<Part> part, double... at) {
        Said said = new Said();
        drawings.add(new Drawing(sort, style, text, Arrays.stream(at).boxed().toList(), part, said));
        return said;
    }

    @Override
    public Item line(String style, double x1, double y1, double x2, double y2) {
        return add("line", style, "", List.of(), x1, y1, x2, y2);
    }

    @Override
    public Item path(String style, double... points) {
        return add("path", style, "", List.of(), points);
    }

    @Override
    public Item box(String style, double x, double y, double width, double height) {
        return add("box", style, "", List.of(), x, y, width, height);
    }

    @Override
    public Item words(String style, String text, double x, double y, Across across) {
        return add("words", style, text, List.of(), x, y);
    }

    @Override
    public Item place(Part part, double x, double y, Across across) {
        return add("part", "", "", List.of(part), x, y);
    }
}
