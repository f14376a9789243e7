package io.answerback.desktop.power;

import io.answerback.core.supply.StandbyForecast;
import io.answerback.desktop.drawing.Flow;
import io.answerback.desktop.drawing.Tool;
import io.answerback.desktop.drawing.Words;
import io.answerback.desktop.theme.Look;
import java.util.function.Consumer;
import java.util.function.DoubleFunction;
import javafx.scene.Node;
import javafx.scene.control.Label;
import javafx.scene.control.Slider;
import javafx.scene.layout.HBox;
import javafx.scene.layout.VBox;

/// Four sliders that ask "what if" of a battery, while the job stays as it is.
final class WhatIfSliders {
    private static final double MOST_AMP_HOURS = 65;
    private static final double MOST_YEARS = 8;

    private final Consumer<StandbyForecast> changed;
    private final Flow row = new Flow();
    private final Slider size;
    private final Slider age;
    private final Slider cold;
    private final Slider load;
    private StandbyForecast job;
    private boolean setting;

    WhatIfSliders(Look look, Consumer<StandbyForecast> changed) {
        this.changed = changed;
        row.getStyleClass().add("what-if");
        size = add(look, "Battery", 1, MOST_AMP_HOURS, "%.3g Ah"::formatted);
        age = add(look, "Age", 0, MOST_YEARS, "%.1f years"::formatted);
        cold = add(look, "Coldest", -30, 25, "%.0f °C"::formatted);
        load = add(look, "Quiescent load", 0.01, 2, amps -> "%.0f mA".formatted(amps * 1000));
        row.getChildren().add(Tool.of("As it is", "shows the job again", () -> show(job)));
    }

    private Slider add(Look look, String name, double least, double most, DoubleFunction<String> words) {
        Slider slider = new Slider(least, most, least);
        slider.getStyleClass().add("margin-slider");
        slider.getStyleClass().add("what-if-slider");
        slider.setPrefWidth(look.px(140));
        slider.setBlockIncrement((most - least) / 50);
        slider.setAccessibleText("What if: " + name);
        Label readout = Words.figure("");
        slider.valueProperty().subscribe(value -> {
            readout.setText(words.apply(value.doubleValue()));
            if (!setting && job != null) {
                changed.accept(now());
            }
        });
        HBox head = new HBox(Words.quiet(name), readout);
        head.getStyleClass().add("what-if-head");
        row.getChildren().add(new VBox(head, slider));
        return slider;
    }

    Node node() {
        return row;
    }

    void show(StandbyForecast hold) {
        setting = true;
        job = hold;
        load.setMax(Math.max(1, 3 * hold.draw().standbyAmps()));
        size.setValue(hold.ratedAmpHours());
        age.setValue(hold.years());
        cold.setValue(hold.celsius());
        load.setValue(hold.draw().standbyAmps());
        setting = false;
        changed.accept(now());
    }

    StandbyForecast now() {
        boolean sameLoad = load.getValue() == job.draw().standbyAmps();
        StandbyForecast asked =
                job.withRated(size.getValue()).withYears(age.getValue()).withCelsius(cold.getValue());
        return sameLoad ? asked : asked.withStandby(load.getValue());
    }
}
