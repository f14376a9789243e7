package io.answerback.desktop.power;

import io.answerback.core.model.practice.Practice;
import io.answerback.core.model.practice.RuleFigure;
import io.answerback.core.supply.SounderState;
import io.answerback.desktop.part.Across;
import io.answerback.desktop.part.Picture;
import java.util.List;
import java.util.stream.Stream;

/// For how long each sounder sounds, along one line of minutes, with the rule and what the supply's battery
/// carries.
final class SoundTimeDrawing extends Picture {
    private static final double TOP = 40;
    private static final double ROW = 26;
    private static final double BAR = 12;
    private static final double LEFT = 110;
    private static final double FOOT = 26;
    private static final List<Double> STEPS = List.of(1.0, 2.0, 5.0, 10.0, 20.0, 30.0);
    private static final int MOST_TICKS = 8;

    private final List<SounderState> sounders;
    private final double asked;
    private final double rule;
    private final double counted;
    private double minutes = 1;
    private double right;

    SoundTimeDrawing(List<SounderState> sounders, double askedMinutes, Practice practice) {
        super("sound-time");
        this.sounders = List.copyOf(sounders);
        this.asked = askedMinutes;
        this.rule = practice.figure(RuleFigure.SIREN_MINUTES);
        this.counted = practice.figure(RuleFigure.ALARM_MINUTES);
    }

    @Override
    public double height() {
        return TOP + Math.max(1, sounders.size()) * ROW + FOOT;
    }

    @Override
    protected void draw(double width) {
        right = width - 60;
        minutes =
                1.15 * Stream.of(asked, rule, counted, 1.0).max(Double::compare).orElse(1.0);
        double foot = TOP + sounders.size() * ROW;
        double step = STEPS.stream()
                .filter(its -> minutes / its <= MOST_TICKS)
                .findFirst()
                .orElse(STEPS.getLast());
        for (double at = 0; at <= minutes; at += step) {
            line("fall-grid", x(at), TOP, x(at), foot);
            words("figure", "%.0f min".formatted(at), x(at), foot + 13, Across.CENTER);
        }
        for (int i = 0; i < sounders.size(); i++) {
            bar(sounders.get(i), TOP + i * ROW + ROW / 2);
        }
        line("fall-rule", x(rule), TOP - 6, x(rule), foot);
        words("fall-rule-word", "rule: %.0f min at the most".formatted(rule), x(rule), TOP - 14, Across.CENTER);
        if (Math.abs(counted - rule) > 0.5) {
            line("fall-low", x(counted), TOP - 22, x(counted), foot);
            words(
                    "fall-low-word",
                    "the battery is counted on for %.0f min".formatted(counted),
                    x(counted),
                    TOP - 30,
                    Across.CENTER);
        }
    }

    private double x(double at) {
        return LEFT + (right - LEFT) * at / minutes;
    }

    private void bar(SounderState sounder, double y) {
        double sounds = sounder.soundsMinutes(asked);
        boolean wrong = asked > rule || !sounder.lasts(asked);
        words("tree-word", sounder.title(), LEFT - 10, y, Across.RIGHT);
        box(wrong ? "sound-over" : "sound-used", x(0), y - BAR / 2, Math.max(1, x(sounds) - x(0)), BAR)
                .says("%s sounds %.0f minutes".formatted(sounder.title(), sounds));
        words("figure sound-figure", "%.0f min".formatted(sounds), x(sounds) + 8, y, Across.LEFT);
    }
}
