package io.answerback.desktop.loop;

import io.answerback.core.loop.resistor.BandColour;
import io.answerback.core.loop.resistor.ColourCode;
import io.answerback.core.loop.resistor.MarkedResistor;
import io.answerback.core.loop.resistor.PreferredValues;
import io.answerback.core.model.common.FigureReader;
import io.answerback.core.model.common.Figures;
import io.answerback.core.model.common.Require;
import io.answerback.core.model.common.Typed;
import io.answerback.desktop.part.Group;
import io.answerback.desktop.part.Part;
import io.answerback.desktop.part.Parts;
import io.answerback.desktop.part.Press;
import io.answerback.desktop.part.Text;
import io.answerback.desktop.part.Tool;
import io.answerback.desktop.part.Value;
import io.answerback.desktop.part.Words;
import io.answerback.desktop.work.Actions;
import io.answerback.desktop.work.FilledSheet;
import io.answerback.desktop.work.WindowState;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import java.util.stream.Collectors;

/// The resistor in the hand: read by its bands or given by its value, and what it would do in the selected
/// point's loop.
final class ResistorsSheet extends FilledSheet {
    private static final int MOST_BANDS = 6;

    private final Actions actions;
    private final BagPart bag = new BagPart();
    private double ohms = 2200;
    private double tolerancePercent = 1;
    private List<BandColour> bands = ColourCode.bands(ohms, tolerancePercent);
    private PreferredValues stock = PreferredValues.E12;

    ResistorsSheet(Actions actions) {
        this.actions = actions;
    }

    @Override
    public String title() {
        return "Which resistor is this";
    }

    @Override
    public String about(WindowState state) {
        return "its bands, its value, and what it does in a loop";
    }

    @Override
    protected void show(WindowState state) {
        sheet.set(
                Words.section("Its bands", "click the colours as they lie, from either end"),
                palette(),
                new ResistorDrawing(bands, "no bands yet"),
                readings(),
                Words.section("Its value", "type it, and the bands follow"),
                value());
        Optional<LoopView> view = LoopView.of(state);
        view.ifPresent(its -> sheet.add(bag.of(its, ohms, tolerancePercent, stock, this::stocked)));
        instrument.set(about());
    }

    private static List<Part> about() {
        List<Part> nodes = new ArrayList<>();
        nodes.add(Words.title("What stands on it"));
        nodes.add(
                Words.wrapped(
                        Words.quiet(
                                "Four bands are two digits, a multiplier and a tolerance; five are three digits; the sixth is how it changes with warmth.")));
        nodes.add(
                Words.wrapped(
                        Words.quiet(
                                "Bands fade and lamps lie: where both ends can be read, or a loop depends on it, measure it out of the loop.")));
        return nodes;
    }

    private void stocked(PreferredValues series) {
        stock = series;
        showAgain();
    }

    private Group palette() {
        Parts row = Parts.flow();
        row.style("switches");
        for (BandColour colour : BandColour.values()) {
            row.add(swatch(colour));
        }
        row.add(
                Tool.of("Turn it", "look at it from the other end", () -> take(bands.reversed())),
                Tool.of(
                        "Take off",
                        "take the last band off",
                        () -> take(bands.isEmpty() ? bands : bands.subList(0, bands.size() - 1))),
                Tool.of("Empty", "begin anew", () -> take(List.of())));
        return row.group();
    }

    private Part swatch(BandColour colour) {
        return new Press(
                "swatch",
                "add a %s band".formatted(colour.word()),
                () -> add(colour),
                List.of(Group.space().style("swatch-chip", "swatch-" + colour.word()), Text.of(colour.word())));
    }

    private void add(BandColour colour) {
        if (bands.size() == MOST_BANDS) {
            actions.tell("A resistor has six bands at most; take one off or begin anew.");
            return;
        }
        List<BandColour> more = new ArrayList<>(bands);
        more.add(colour);
        take(more);
    }

    private void take(List<BandColour> other) {
        bands = List.copyOf(other);
        read().ifPresent(its -> {
            ohms = its.ohms();
            tolerancePercent = its.tolerancePercent();
        });
        showAgain();
    }

    private Optional<MarkedResistor> read() {
        return bands.size() < 4 ? Optional.empty() : ColourCode.read(bands).likely();
    }

    private Part readings() {
        if (bands.size() < 4) {
            return Words.quiet("%d of 4 to 6 bands".formatted(bands.size()));
        }
        ColourCode.Readings read = ColourCode.read(bands);
        if (read.likely().isEmpty()) {
            return Words.of(
                    "entry-problem", "These bands mean nothing from either end. Is one of them dirt, or worn off?");
        }
        String likely = words(read.likely().get());
        Parts row = Parts.flow(Words.of("resistor-read", likely));
        row.style("section");
        read.other()
                .ifPresentOrElse(
                        other -> row.add(Words.wrapped(Words.of(
                                "entry-problem",
                                "or %s from the other end: only a meter tells".formatted(words(other))))),
                        () -> row.add(Words.quiet("from one end only")));
        return row.group();
    }

    private static String words(MarkedResistor resistor) {
        String coefficient = resistor.partsPerMillion().isPresent()
                ? ", %d ppm/K".formatted(resistor.partsPerMillion().getAsInt())
                : "";
        return "%s ±%s %%%s"
                .formatted(Figures.resistor(resistor.ohms()), Figures.plain(resistor.tolerancePercent()), coefficient);
    }

    private Part value() {
        Parts row = Parts.flow(
                Value.of("Value", Figures.resistor(ohms), this::typeOhms),
                Value.of("Tolerance", "±" + Figures.plain(tolerancePercent) + " %", this::typeTolerance),
                Words.quiet(series()));
        row.style("switches");
        List<BandColour> four = ColourCode.fourBands(ohms, tolerancePercent);
        if (!four.isEmpty() && bands.size() == 5) {
            row.add(Words.quiet(
                    "with four bands: " + four.stream().map(BandColour::word).collect(Collectors.joining(", "))));
        }
        return row.group();
    }

    private String series() {
        List<String> made = Arrays.stream(PreferredValues.values())
                .filter(its -> its.holds(ohms))
                .map(Enum::name)
                .toList();
        return made.isEmpty()
                ? "not made in E12, E24 or E96; the nearest of E24 is %s"
                        .formatted(Figures.resistor(PreferredValues.E24.nearest(ohms)))
                : "made in " + String.join(", ", made);
    }

    private boolean typeOhms(String typed) {
        return typed(typed, "value in ohms", 0.1, 1e9, value -> ohms = value);
    }

    private boolean typeTolerance(String typed) {
        return typed(typed.replace("±", ""), "tolerance in percent", 0.01, 20, value -> tolerancePercent = value);
    }

    private boolean typed(String text, String what, double least, double most, java.util.function.DoubleConsumer take) {
        return switch (FigureReader.read(text, what).then(value -> Require.within(value, least, most, what))) {
            case Typed.Read<Double>(Double value) -> {
                take.accept(value);
                bands = ColourCode.bands(ohms, tolerancePercent);
                if (bands.isEmpty()) {
                    actions.tell("No row of bands says %s ±%s %%."
                            .formatted(Figures.resistor(ohms), Figures.plain(tolerancePercent)));
                }
                showAgain();
                yield true;
            }
            case Typed.Refused<Double>(String why) -> {
                actions.tell(why);
                yield false;
            }
        };
    }
}
