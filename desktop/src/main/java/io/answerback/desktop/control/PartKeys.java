package io.answerback.desktop.control;

import io.answerback.desktop.part.Card;
import io.answerback.desktop.part.Check;
import io.answerback.desktop.part.Choice;
import io.answerback.desktop.part.Drawn;
import io.answerback.desktop.part.Entry;
import io.answerback.desktop.part.Fixed;
import io.answerback.desktop.part.Gauge;
import io.answerback.desktop.part.Glyph;
import io.answerback.desktop.part.Grid;
import io.answerback.desktop.part.Group;
import io.answerback.desktop.part.Line;
import io.answerback.desktop.part.Marked;
import io.answerback.desktop.part.Pages;
import io.answerback.desktop.part.Part;
import io.answerback.desktop.part.Photo;
import io.answerback.desktop.part.Press;
import io.answerback.desktop.part.Rows;
import io.answerback.desktop.part.Secret;
import io.answerback.desktop.part.Slide;
import io.answerback.desktop.part.Switch;
import io.answerback.desktop.part.Text;
import io.answerback.desktop.part.Tile;
import io.answerback.desktop.part.Tool;
import io.answerback.desktop.part.Value;
import io.answerback.desktop.part.With;

/// By what a part is known again among those beside it.
final class PartKeys {
    private static final String NAMED = "#";

    private PartKeys() {}

    static String of(Part part) {
        return switch (part) {
            case With with -> with.key().isEmpty() ? of(with.part()) : sort(with.part()) + "#" + with.key();
            case Value value -> sort(value) + value.name();
            case Choice choice -> sort(choice) + choice.name();
            case Switch choice -> sort(choice) + choice.name();
            case Slide slide -> sort(slide) + slide.name();
            case Check check -> sort(check) + check.name();
            case Line line -> sort(line) + line.name();
            case Secret secret -> sort(secret) + secret.name();
            case Rows rows -> sort(rows) + rows.name();
            case Text _,
                    Marked _,
                    Entry _,
                    Tile _,
                    Glyph _,
                    Tool _,
                    Press _,
                    Card _,
                    Gauge _,
                    Group _,
                    Grid _,
                    Drawn _,
                    Pages _,
                    Photo _,
                    Fixed _ -> sort(part);
        };
    }

    /// What a part is, however it is drawn now: chosen or not, one style or another.
    static String place(Part part) {
        return switch (part) {
            case With with -> with.key().isEmpty() ? place(with.part()) : NAMED + with.key();
            case Tool tool -> NAMED + "tool " + tool.text();
            case Value value -> NAMED + "value " + value.name();
            case Choice choice -> NAMED + "choice " + choice.name();
            case Switch choice -> NAMED + "switch " + choice.name();
            case Slide slide -> NAMED + "slide " + slide.name();
            case Check check -> NAMED + "check " + check.name();
            case Line line -> NAMED + "line " + line.name();
            case Secret secret -> NAMED + "secret " + secret.name();
            case Rows rows -> NAMED + "rows " + rows.name();
            case Press press -> NAMED + "press " + press.says();
            case Text _,
                    Marked _,
                    Entry _,
                    Tile _,
                    Glyph _,
                    Card _,
                    Gauge _,
                    Group _,
                    Grid _,
                    Drawn _,
                    Pages _,
                    Photo _,
                    Fixed _ -> part.getClass().getSimpleName();
        };
    }

    /// Whether a place is that of one part and not of any of its sort.
    static boolean named(String place) {
        return place.startsWith(NAMED);
    }

    /// Parts of one sort can be drawn with one another's node.
    private static String sort(Part part) {
        return switch (part) {
            case With with -> sort(with.part());
            case Text text -> "text " + text.style();
            case Tool tool -> "tool " + tool.sort();
            case Group group -> "group " + group.layout() + group.styles();
            case Grid grid -> "grid " + grid.styles();
            case Press press -> "press " + press.style();
            case Drawn drawn -> "drawn " + drawn.picture().style();
            case Fixed fixed -> "fixed " + System.identityHashCode(fixed.node());
            case Marked _,
                    Value _,
                    Entry _,
                    Line _,
                    Tile _,
                    Glyph _,
                    Secret _,
                    Choice _,
                    Switch _,
                    Card _,
                    Check _,
                    Gauge _,
                    Rows _,
                    Pages _,
                    Photo _,
                    Slide _ -> part.getClass().getSimpleName() + " ";
        };
    }
}
