package io.answerback.desktop.loop;

import io.answerback.core.engine.edit.Edits;
import io.answerback.core.engine.edit.LoopEdits;
import io.answerback.core.loop.CaseReading;
import io.answerback.core.loop.LoopFigure;
import io.answerback.core.loop.LoopResult;
import io.answerback.core.model.cable.Cable;
import io.answerback.core.model.common.Figures;
import io.answerback.core.model.profile.Meaning;
import io.answerback.core.model.site.Edit;
import io.answerback.desktop.part.Choice;
import io.answerback.desktop.part.Part;
import io.answerback.desktop.part.Parts;
import io.answerback.desktop.part.Slide;
import io.answerback.desktop.part.Tool;
import io.answerback.desktop.part.Words;
import io.answerback.desktop.work.Actions;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;

/// Moves one figure of the loop and shows the margin going, while the job stays as it is.
final class MarginSlider {
    private static final double WIDTH = 240;

    private final Actions actions;
    private final Runnable showAgain;
    private LoopFigure figure = LoopFigure.CABLE_LENGTH;
    private Optional<LoopView> shown = Optional.empty();
    private Optional<Moved> moved = Optional.empty();

    /// A figure that was moved.
    ///
    /// @param share where it stands on the slider, from 0 to 1
    private record Moved(double share, double value, LoopResult result) {}

    MarginSlider(Actions actions, Runnable showAgain) {
        this.actions = actions;
        this.showAgain = showAgain;
    }

    /// The loop as it would be with the figure moved; as it is where none is.
    LoopView moved(LoopView view) {
        return moved.map(its -> view.moved(its.result())).orElse(view);
    }

    Part part(LoopView view) {
        if (!shown.equals(Optional.of(view))) {
            shown = Optional.of(view);
            moved = Optional.empty();
        }
        List<LoopFigure> figures = Arrays.stream(LoopFigure.values())
                .filter(its -> its.in(view.fitted()))
                .toList();
        if (!figures.contains(figure)) {
            figure = LoopFigure.CABLE_LENGTH;
        }
        double planned = figure.of(view.fitted());
        Optional<Double> gives = figure.givesAt(view.fitted(), view.chart());
        SlideScale scale = SlideScale.of(figure, planned, gives);
        Parts strip = Parts.flow(
                Words.title("Move the"),
                Choice.of("Figure to move", figures, figure, LoopFigure::words, this::choose),
                slide(view, scale, planned, gives),
                Words.figure(scale.words(moved.map(Moved::value).orElse(planned))),
                Words.quiet(moved.map(its -> says(view, its.result())).orElseGet(() -> gives(scale, gives))));
        moved.ifPresent(its -> strip.add(buttons(view, its)));
        return strip.style("section", "margin-strip").group();
    }

    private Slide slide(LoopView view, SlideScale scale, double planned, Optional<Double> gives) {
        return new Slide(
                "Move the " + figure.words(),
                0,
                1,
                moved.map(Moved::share).orElse(scale.share(planned)),
                WIDTH,
                Optional.of(new Slide.Stretch(gives.map(scale::share).orElse(0.0), scale.share(planned))),
                share -> move(view, scale, share),
                this::reset);
    }

    private List<Part> buttons(LoopView view, Moved its) {
        Tool back = Tool.of("Back", "show the job as it is", this::reset);
        return figure.fault()
                ? List.of(back)
                : List.of(Tool.of("Keep it", "put this value into the job", () -> keep(view, its.value())), back);
    }

    private void choose(LoopFigure chosen) {
        figure = chosen;
        reset();
    }

    private String gives(SlideScale scale, Optional<Double> gives) {
        return gives.map(value -> value >= figure.most() && !figure.worseWhenSmaller()
                                || value <= figure.least() && figure.worseWhenSmaller()
                        ? "never gives"
                        : "gives at " + scale.words(value))
                .orElse("does not work as it is");
    }

    private void move(LoopView view, SlideScale scale, double share) {
        double value = scale.value(share);
        moved = Optional.of(new Moved(share, value, figure.moved(view.fitted(), view.chart(), view.trial(), value)));
        showAgain.run();
    }

    private void reset() {
        moved = Optional.empty();
        showAgain.run();
    }

    private static String says(LoopView view, LoopResult result) {
        if (result.unsafe().isEmpty()) {
            return "%s inside when %s"
                    .formatted(
                            Figures.percent(result.leastMargin()),
                            view.word(result.tightest().loopCase().device()));
        }
        CaseReading bad = result.unsafe().getFirst();
        return "%s reads %s"
                .formatted(
                        view.word(bad.loopCase().device()),
                        bad.reads().map(Meaning::word).orElse("between bands"));
    }

    private void keep(LoopView view, double value) {
        boolean ofCable = figure == LoopFigure.CABLE_LENGTH || figure == LoopFigure.HOTTEST;
        if (ofCable && !view.oneCable()) {
            actions.tell("This loop runs through several cables. Change each of them at Cable.");
        } else {
            actions.apply(edit(view, value));
        }
    }

    private Edit edit(LoopView view, double value) {
        Cable cable = view.fitted().cable();
        return switch (figure) {
            case CABLE_LENGTH -> Edits.cableMetres(cable.id(), value);
            case TOLERANCE ->
                LoopEdits.parts("tolerance", view.point().id(), wiring -> wiring.withTolerancePercent(value));
            case HOTTEST -> Edits.cableCelsius(cable.id(), Math.min(cable.coldestCelsius(), value), value);
            case LEAK, JOINT -> throw new IllegalStateException("a fault is not kept in the job");
        };
    }
}
