package io.answerback.desktop.bus;

import io.answerback.core.capacity.CapacityEdits;
import io.answerback.core.capacity.ConverterChoice;
import io.answerback.core.capacity.ConverterChoice.Offer;
import io.answerback.core.chain.Mark;
import io.answerback.core.profile.PanelProfile;
import io.answerback.desktop.drawing.Flow;
import io.answerback.desktop.drawing.Marks;
import io.answerback.desktop.drawing.Tool;
import io.answerback.desktop.drawing.Words;
import io.answerback.desktop.shell.Sheet;
import io.answerback.desktop.theme.Look;
import io.answerback.desktop.work.OpenJob;
import io.answerback.desktop.work.WindowState;
import java.util.Collections;
import javafx.scene.Node;
import javafx.scene.layout.VBox;

/// Which wired-to-wireless converter takes the zones that have no input: each kind drawn with its inputs
/// filled, and why it does not do.
final class ConvertersSheet extends Sheet {
    private final OpenJob openJob;
    private final Look look;

    ConvertersSheet(OpenJob openJob, Look look) {
        this.openJob = openJob;
        this.look = look;
        instrument
                .getChildren()
                .setAll(
                        Words.title("What a converter costs"),
                        Words.wrapped(
                                Words.quiet(
                                        "Every zone it brings uses up one of the panel's wireless zones; the panel's own inputs use up none. It has a supply and a battery of its own, which are to be tested at every visit.")),
                        Words.wrapped(
                                Words.of(
                                        "caution",
                                        "Smoke, heat and carbon monoxide: life-safety work under its own code and licence. That an input fits does not approve it.")));
    }

    @Override
    public String title() {
        return "Which converter takes the old zones";
    }

    @Override
    public String about(WindowState state) {
        int count = state.assessment().converters().zones().size();
        return count == 1 ? "one point has no input" : "%d points have no input".formatted(count);
    }

    @Override
    public void show(WindowState state) {
        ConverterChoice choice = state.assessment().converters();
        PanelProfile profile = state.job().panel().profile();
        sheet.getChildren().clear();
        if (choice.offers().isEmpty()) {
            sheet.getChildren()
                    .add(Words.wrapped(Words.of(
                            "empty",
                            "The panel's profile knows no wired-to-wireless converter%s."
                                    .formatted(profile.radioBand().isEmpty() ? ", and it has no radio" : ""))));
            return;
        }
        choice.offers().forEach(offer -> sheet.getChildren().add(offer(choice, offer)));
    }

    private Node offer(ConverterChoice choice, Offer offer) {
        Mark mark = offer.enough() ? Mark.SOUND : offer.refused() ? Mark.WRONG : Mark.TIGHT;
        Flow head = new Flow(
                Marks.of(
                        mark,
                        offer.enough() ? "takes all" : offer.refused() ? "does not do" : "takes some",
                        look.px(5)),
                Words.title(offer.kind().name()),
                Words.figure(offer.kind().radioBand()));
        head.getStyleClass().add("switches");
        VBox part = new VBox(head);
        part.getStyleClass().add("gaps");
        if (!offer.refused()) {
            ConverterDrawing drawing = new ConverterDrawing(look);
            drawing.show(offer);
            part.getChildren().addAll(drawing, Words.wrapped(Words.quiet(takes(choice, offer))));
        }
        offer.work().forEach(what -> part.getChildren().add(Words.wrapped(Words.quiet(what))));
        offer.against().forEach(why -> part.getChildren().add(Words.wrapped(Words.of("finding-says", why))));
        if (!offer.taken().isEmpty()) {
            part.getChildren()
                    .add(Tool.of(
                            offer.count() == 1 ? "Fit it" : "Fit %d of them".formatted(offer.count()),
                            "brings its inputs; points are wired to them on the survey's inventory",
                            () -> openJob.apply(CapacityEdits.fit(
                                    offer.kind().name(), Collections.nCopies(offer.count(), offer.kind())))));
        }
        return part;
    }

    private static String takes(ConverterChoice choice, Offer offer) {
        String supply = offer.supply()
                .map(unit -> " Its own supply gives %.0f mA and takes a battery of %.1f Ah at the most."
                        .formatted(unit.milliamps(), unit.mostAmpHours()))
                .orElse("");
        String boxes = offer.count() > offer.boxes()
                ? "%d of them, of which two can share a box, its supply and its battery, so %d on the wall (the power bench counts each with its own)"
                        .formatted(offer.count(), offer.boxes())
                : "%d on the wall".formatted(offer.boxes());
        return "Takes %d of %d with %s, and uses up %d wireless zones.%s"
                .formatted(offer.taken().size(), choice.zones().size(), boxes, offer.radioZones(), supply);
    }
}
