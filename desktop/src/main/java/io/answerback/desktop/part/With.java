package io.answerback.desktop.part;

import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;

/// A part with what belongs to its place rather than to its sort.
///
/// @param part the part itself
/// @param key tells it apart from others of its sort; empty for its place among them
/// @param grows whether it takes what room is left
/// @param width in pixels at 100 % text; 0 for its own
/// @param keepsWidth whether it is never narrower than it asks to be
/// @param hint words on hover; empty for none of its own
/// @param styles more styles
/// @param says words for screen readers; empty for its own
/// @param click what a click on it does; empty for nothing of its own
public record With(
        Part part,
        String key,
        boolean grows,
        double width,
        boolean keepsWidth,
        String hint,
        List<String> styles,
        String says,
        Optional<Runnable> click)
        implements Part {
    public With {
        styles = List.copyOf(styles);
    }

    /// A part with nothing of its place, unless it has that already.
    public static With of(Part part) {
        return part instanceof With its
                ? its
                : new With(part, "", false, 0, false, "", List.of(), "", Optional.empty());
    }

    /// The same part, known by its place among others again.
    public With unkeyed() {
        return withKey("");
    }

    With withKey(String other) {
        return new With(part, other, grows, width, keepsWidth, hint, styles, says, click);
    }

    With withGrows(boolean other) {
        return new With(part, key, other, width, keepsWidth, hint, styles, says, click);
    }

    With withWidth(double other) {
        return new With(part, key, grows, other, keepsWidth, hint, styles, says, click);
    }

    With withKeepsWidth(boolean other) {
        return new With(part, key, grows, width, other, hint, styles, says, click);
    }

    With withHint(String other) {
        return new With(part, key, grows, width, keepsWidth, other, styles, says, click);
    }

    With withStyles(List<String> more) {
        List<String> all = Stream.concat(styles.stream(), more.stream()).toList();
        return new With(part, key, grows, width, keepsWidth, hint, all, says, click);
    }

    With withSays(String other) {
        return new With(part, key, grows, width, keepsWidth, hint, styles, other, click);
    }

    With withClick(Runnable other) {
        return new With(part, key, grows, width, keepsWidth, hint, styles, says, Optional.of(other));
    }
}
