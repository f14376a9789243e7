package io.answerback.desktop.bus;

import io.answerback.core.engine.finding.Mark;
import io.answerback.core.model.profile.PanelProfile;
import io.answerback.core.survey.capacity.CapacityEdits;
import io.answerback.core.survey.capacity.ConverterChoice;
import io.answerback.core.survey.capacity.ConverterChoice.Offer;
import io.answerback.desktop.part.Marks;
import io.answerback.desktop.part.Part;
import io.answerback.desktop.part.Parts;
import io.answerback.desktop.part.Tool;
import io.answerback.desktop.part.Words;
import io.answerback.desktop.work.Actions;
import io.answerback.desktop.work.FilledSheet;
import io.answerback.desktop.work.WindowState;
import java.util.Collections;

/// Which wired-to-wireless converter takes the zones that have no input: each kind drawn with its inputs
/// filled, and why it does not do.
final class ConvertersSheet extends FilledSheet {
    private final Actions actions;

    ConvertersSheet(Actions actions) {
        this.actions = actions;
        instrument.set(
                Words.title("What a converter costs"),
                Words.wrapped(
                        Words.quiet(
                                "Every zone it brings uses up one of the panel's wireless zones; the panel's own inputs use up none. It has a supply and a battery of its own, which are to be tested at every visit.")),
                Words.caution(
                        "Smoke, heat and carbon monoxide: life-safety work under its own code and licence. That an input fits does not approve it."));
    }

    @Override
    public String title() {
        return "Which converter takes the old zones";
    }

    @Override
    public String about(WindowState state) {
        int count = state.assessment().get(ConverterChoice.FACT).zones().size();
        return count == 1 ? "one point has no input" : "%d points have no input".formatted(count);
    }

    @Override
    protected void show(WindowState state) {
        ConverterChoice choice = state.assessment().get(ConverterChoice.FACT);
        PanelProfile profile = state.job().panel().profile();
        sheet.clear();
        if (choice.offers().isEmpty()) {
            sheet.add(Words.empty("The panel's profile knows no wired-to-wireless converter%s."
                    .formatted(profile.radioBand().isEmpty() ? ", and it has no radio" : "")));
            return;
        }
        choice.offers().forEach(offer -> sheet.add(offer(choice, offer)));
    }

    private Part offer(ConverterChoice choice, Offer offer) {
        Mark mark = offer.enough() ? Mark.SOUND : offer.refused() ? Mark.WRONG : Mark.TIGHT;
        Parts head = Parts.flow(
                Marks.of(mark, offer.enough() ? "takes all" : offer.refused() ? "does not do" : "takes some", 5),
                Words.title(offer.kind().name()),
                Words.figure(offer.kind().radioBand()));
        head.style("switches");
        Parts part = Parts.column(head);
        part.style("gaps");
        if (!offer.refused()) {
            part.add(new ConverterDrawing(offer), Words.wrapped(Words.quiet(takes(choice, offer))));
        }
        offer.work().forEach(what -> part.add(Words.wrapped(Words.quiet(what))));
        offer.against().forEach(why -> part.add(Words.wrapped(Words.of("finding-says", why))));
        if (!offer.taken().isEmpty()) {
            part.add(Tool.of(
                    offer.count() == 1 ? "Fit it" : "Fit %d of them".formatted(offer.count()),
                    "brings its inputs; points are wired to them on the survey's inventory",
                    () -> actions.apply(
                            CapacityEdits.fit(offer.kind().name(), Collections.nCopies(offer.count(), offer.kind())))));
        }
        return part.group();
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
