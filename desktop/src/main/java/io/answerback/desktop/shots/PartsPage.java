package io.answerback.desktop.shots;

import io.answerback.core.engine.finding.Mark;
import io.answerback.desktop.control.ValueField;
import io.answerback.desktop.part.Across;
import io.answerback.desktop.part.Check;
import io.answerback.desktop.part.Choice;
import io.answerback.desktop.part.Drawn;
import io.answerback.desktop.part.Entry;
import io.answerback.desktop.part.Fixed;
import io.answerback.desktop.part.Gauge;
import io.answerback.desktop.part.Grid;
import io.answerback.desktop.part.Group;
import io.answerback.desktop.part.Line;
import io.answerback.desktop.part.Marks;
import io.answerback.desktop.part.Part;
import io.answerback.desktop.part.Parts;
import io.answerback.desktop.part.Picture;
import io.answerback.desktop.part.Press;
import io.answerback.desktop.part.Slide;
import io.answerback.desktop.part.Switch;
import io.answerback.desktop.part.Tile;
import io.answerback.desktop.part.Tool;
import io.answerback.desktop.part.Value;
import io.answerback.desktop.part.Words;
import java.util.List;
import java.util.Optional;

/// Every part that sheets are made of, each with its name and in the states it has, for `docs/parts.md`.
final class PartsPage {
    private static final Runnable NOTHING = () -> {};

    private PartsPage() {}

    static List<Part> of() {
        Grid.Filling page = Grid.filling("table", "parts-table").columns(Grid.Column.least(90), Grid.Column.REST);
        values(page);
        things(page);
        drawings(page);
        return List.of(
                Words.section("Parts", "what every sheet is made of; their names are the types in the code"),
                page.grid());
    }

    private static void row(Grid.Filling page, String name, Part... parts) {
        page.line(Words.whole(Words.title(name)), Group.flow(parts).style("switches"));
    }

    private static void values(Grid.Filling page) {
        row(
                page,
                "Text",
                Words.title("a title"),
                Words.quiet("words that explain"),
                Words.figure("2 204 Ω"),
                Words.of("finding-says", "what was found"),
                Words.caution("A caution where the work can hurt someone."));
        Parts marks = Parts.flow().style("switches");
        for (Mark mark : Mark.values()) {
            marks.add(Group.row(Marks.of(mark, mark.word()), Words.quiet(mark.word()))
                    .style("parts-mark"));
        }
        page.line(Words.whole(Words.title("Marked")), marks);
        row(
                page,
                "Value",
                Value.of("Length", "62 m", typed -> true),
                Words.quiet("typed into"),
                typedInto("62 m", false),
                Words.quiet("refused"),
                typedInto("-4", true));
        row(
                page,
                "Choice, Check",
                Choice.of("Scheme", List.of("double end-of-line"), "double end-of-line", its -> its, its -> {}),
                Choice.of("Type", List.of("4-core"), null, "no type yet", its -> its, its -> {}),
                new Check("near end labelled", true, on -> {}),
                new Check("outdoors", false, on -> {}));
        row(
                page,
                "Switch",
                Switch.of("Detector", List.of("quiet", "moving", "tamper open"), "quiet", its -> its, its -> {}),
                Switch.bare("Sheet", List.of("Rooms", "Inputs"), "Inputs", its -> its, its -> {}));
        row(
                page,
                "Entry, Slide",
                new Entry("Reading", "2207", typed -> true, NOTHING, NOTHING),
                new Slide("Length", 0, 1, 0.3, 240, Optional.of(new Slide.Stretch(0.7, 0.25)), share -> {}, NOTHING));
    }

    private static Part typedInto(String text, boolean refused) {
        ValueField field = new ValueField();
        field.show("Length", text, false, typed -> !refused);
        field.open();
        if (refused) {
            field.take(text);
        }
        return new Fixed(text, field);
    }

    private static void things(Grid.Filling page) {
        row(
                page,
                "Tool",
                Tool.primary("Send the 15", NOTHING),
                Tool.of("Fit", "adds it", NOTHING),
                Tool.arrow("▶", "On", "the next", NOTHING),
                Tool.of("Not now", "cannot be pressed yet", NOTHING).enabled(false),
                Tool.link("12 more elsewhere", NOTHING));
        Group tiles = Group.column(tile("06", "Dock roller door 1", false), tile("07", "Dock roller door 2", true))
                .style("room-walls");
        page.line(Words.whole(Words.title("Tile")), tiles);
        page.line(
                Words.whole(Words.title("Press")),
                Press.of(
                        "finding",
                        NOTHING,
                        Marks.of(Mark.TIGHT, "tight", 5.5),
                        Words.of("finding-says", "A row that leads to where something is mended")));
        page.line(
                Words.whole(Words.title("Line")),
                new Line(
                        "Type a point",
                        "Type a point: name, kind, area",
                        Line.Put.NOTHING,
                        new Line.Keys(typed -> {}, typed -> false, typed -> Optional.empty(), NOTHING, NOTHING)));
    }

    private static Part tile(String number, String name, boolean picked) {
        return new Tile(
                        name,
                        name,
                        picked,
                        NOTHING,
                        NOTHING,
                        NOTHING,
                        List.of(
                                Words.of("point-id", number),
                                Words.of("tile-name", name).growing(),
                                Words.of("tile-type", "immediate")))
                .styled("tile-inside");
    }

    private static void drawings(Grid.Filling page) {
        page.line(
                Words.whole(Words.title("Gauge")),
                Group.column(
                        new Gauge(9, 16, "9 of 16"),
                        Words.quiet("9 of 16"),
                        new Gauge(20, 16, "20 of 16"),
                        Words.quiet("20, and there are 16")));
        page.line(Words.whole(Words.title("Drawn")), new Drawn(new Axis()));
        page.line(
                Words.whole(Words.title("Group")),
                Group.flow(
                                Group.column(Words.of("meter-figure", "2 204 Ω"))
                                        .style("meter"),
                                Group.column(Group.column(Group.row(
                                                                Words.of("roll-time", "10:00:00"),
                                                                Words.of("roll-line", "burglary · Dock roller door 1"))
                                                        .style("roll-first"))
                                                .style("roll-entry"))
                                        .style("roll"))
                        .style("switches"));
    }

    /// An axis with a band and a reading on it.
    private static final class Axis extends Picture {
        Axis() {
            super("bands-drawing");
        }

        @Override
        public double height() {
            return 60;
        }

        @Override
        protected void draw(double width) {
            box("band band-normal", width * 0.4, 4, width * 0.2, 34);
            box("interval", width * 0.47, 17, width * 0.05, 8);
            line("reading-line", width * 0.5, 4, width * 0.5, 38);
            for (int tick = 0; tick <= 4; tick++) {
                double x = width * (0.1 + 0.2 * tick);
                line("tick-line", x, 38, x, 42);
                words("tick", "%d k".formatted(tick + 1), x, 50, Across.CENTER);
            }
        }
    }
}
