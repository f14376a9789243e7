package io.answerback.desktop.loop;

import io.answerback.core.cable.Cable;
import io.answerback.core.common.Figures;
import io.answerback.core.edit.Edits;
import io.answerback.core.edit.LoopEdits;
import io.answerback.core.loop.CaseReading;
import io.answerback.core.loop.LoopFigure;
import io.answerback.core.loop.LoopResult;
import io.answerback.core.profile.Meaning;
import io.answerback.core.site.Edit;
import io.answerback.desktop.drawing.Choice;
import io.answerback.desktop.drawing.Flow;
import io.answerback.desktop.drawing.Tool;
import io.answerback.desktop.drawing.Words;
import io.answerback.desktop.theme.Look;
import io.answerback.desktop.work.OpenJob;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import java.util.function.Consumer;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.control.Slider;
import javafx.scene.input.KeyCode;
import javafx.scene.layout.StackPane;

/// Moves one figure of the loop and shows the margin going, while the job stays as it is.
final class MarginSlider {
    /// How far past the point where it gives the slider goes.
    private static final double BEYOND = 1.3;

    private final OpenJob openJob;
    private final Consumer<LoopView> showMoved;
    private final Flow strip = new Flow();
    private final Slider slider = new Slider(0, 1, 0);
    private final SlideTrack track = new SlideTrack();
    private final Label readout = Words.figure("");
    private final Label consequence = Words.quiet("");
    private final Button keep = Tool.of("Keep it", "put this value into the job", this::keep);
    private final Button back = Tool.of("Back", "show the job as it is", this::reset);
    private LoopFigure figure = LoopFigure.CABLE_LENGTH;
    private SlideScale scale = SlideScale.NONE;
    private LoopView view;
    private boolean setting;

    MarginSlider(OpenJob openJob, Look look, Consumer<LoopView> showMoved) {
        this.openJob = openJob;
        this.showMoved = showMoved;
        slider.getStyleClass().add("margin-slider");
        slider.setPrefWidth(look.px(240));
        slider.setBlockIncrement(0.02);
        slider.valueProperty().subscribe(this::moved);
        slider.setOnKeyPressed(key -> {
            if (key.getCode() == KeyCode.ESCAPE) {
                reset();
                key.consume();
            }
        });
        strip.getStyleClass().addAll("section", "margin-strip");
    }

    Node node() {
        return strip;
    }

    void show(LoopView shown) {
        boolean other = view == null || !view.point().id().equals(shown.point().id());
        view = shown;
        List<LoopFigure> figures = Arrays.stream(LoopFigure.values())
                .filter(its -> its.in(shown.fitted()))
                .toList();
        if (!figures.contains(figure)) {
            figure = LoopFigure.CABLE_LENGTH;
        }
        Optional<Double> gives = figure.givesAt(shown.fitted(), shown.chart());
        scale = SlideScale.of(figure, figure.of(shown.fitted()), gives);
        StackPane both = new StackPane(track, slider);
        strip.getChildren()
                .setAll(
                        Words.title("Move the"),
                        Choice.of("Figure to move", figures, figure, LoopFigure::words, this::choose),
                        both,
                        readout,
                        consequence,
                        keep,
                        back);
        track.show(gives.map(scale::share).orElse(0.0), scale.share(figure.of(shown.fitted())));
        slider.setAccessibleText("Move the " + figure.words());
        if (other || slider.getUserData() != figure) {
            slider.setUserData(figure);
        }
        put(figure.of(shown.fitted()));
        rest(gives);
    }

    private void choose(LoopFigure chosen) {
        figure = chosen;
        show(view);
        showMoved.accept(view);
    }

    private void put(double value) {
        setting = true;
        slider.setValue(scale.share(value));
        setting = false;
    }

    private void rest(Optional<Double> gives) {
        readout.setText(scale.words(figure.of(view.fitted())));
        consequence.setText(gives.map(value -> value >= figure.most() && !figure.worseWhenSmaller()
                                || value <= figure.least() && figure.worseWhenSmaller()
                        ? "never gives"
                        : "gives at " + scale.words(value))
                .orElse("does not work as it is"));
        both(false);
    }

    private void both(boolean moved) {
        keep.setVisible(moved && !figure.fault());
        keep.setManaged(keep.isVisible());
        back.setVisible(moved);
        back.setManaged(moved);
    }

    private void moved(Number share) {
        if (setting || view == null) {
            return;
        }
        double value = scale.value(share.doubleValue());
        LoopResult result = figure.moved(view.fitted(), view.chart(), view.trial(), value);
        readout.setText(scale.words(value));
        consequence.setText(says(result));
        both(true);
        showMoved.accept(view.moved(result));
    }

    private String says(LoopResult result) {
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

    private void reset() {
        if (view != null) {
            show(view);
            showMoved.accept(view);
        }
    }

    private void keep() {
        boolean ofCable = figure == LoopFigure.CABLE_LENGTH || figure == LoopFigure.HOTTEST;
        if (ofCable && !view.oneCable()) {
            openJob.tell("This loop runs through several cables. Change each of them at Cable.");
        } else {
            openJob.apply(edit(scale.value(slider.getValue())));
        }
    }

    private Edit edit(double value) {
        Cable cable = view.fitted().cable();
        return switch (figure) {
            case CABLE_LENGTH -> Edits.cableMetres(cable.id(), value);
            case TOLERANCE ->
                LoopEdits.parts("tolerance", view.point().id(), wiring -> wiring.withTolerancePercent(value));
            case HOTTEST -> Edits.cableCelsius(cable.id(), Math.min(cable.coldestCelsius(), value), value);
            case LEAK, JOINT -> throw new IllegalStateException("a fault is not kept in the job");
        };
    }

    /// Where figures lie on the slider: by difference, and faults by ratio. It reaches a little past the point
    /// where the loop gives.
    private record SlideScale(LoopFigure figure, double left, double right) {
        static final SlideScale NONE = new SlideScale(LoopFigure.CABLE_LENGTH, 0, 1);

        static SlideScale of(LoopFigure figure, double planned, Optional<Double> gives) {
            double end = gives.map(value -> value * BEYOND).orElse(2 * planned);
            return switch (figure) {
                case CABLE_LENGTH ->
                    new SlideScale(figure, 0, Math.clamp(Math.max(end, planned * BEYOND), 10, figure.most()));
                case TOLERANCE, HOTTEST -> new SlideScale(figure, figure.least(), figure.most());
                case LEAK -> new SlideScale(figure, figure.most(), figure.least());
                case JOINT -> new SlideScale(figure, figure.least(), figure.most());
            };
        }

        double share(double value) {
            double share =
                    figure.fault() ? Math.log(value / left) / Math.log(right / left) : (value - left) / (right - left);
            return Math.clamp(share, 0, 1);
        }

        double value(double share) {
            double value = figure.fault() ? left * Math.pow(right / left, share) : left + (right - left) * share;
            double rounded = figure == LoopFigure.TOLERANCE ? Math.round(value * 10) / 10.0 : Math.rint(value);
            return Math.clamp(rounded, figure.least(), figure.most());
        }

        String words(double value) {
            return switch (figure) {
                case CABLE_LENGTH -> Figures.metres(value);
                case TOLERANCE -> "±" + Figures.plain(Math.floor(value * 10) / 10) + " %";
                case HOTTEST -> Figures.plain(Math.floor(value)) + " °C";
                case LEAK, JOINT -> Figures.ohms(Math.rint(value));
            };
        }
    }
}
