package io.answerback.core.loop;

import io.answerback.core.loop.scheme.DeviceState;
import io.answerback.core.loop.scheme.FaultKind;
import io.answerback.core.loop.scheme.FittedLoop;
import io.answerback.core.loop.scheme.LoopFault;
import io.answerback.core.loop.scheme.LoopPart;
import io.answerback.core.loop.scheme.Range;
import io.answerback.core.model.cable.Cable;
import java.util.Optional;

/// One figure of a loop that can be moved while all others stay, to see the margin go.
public enum LoopFigure {
    /// The cable's length, one way.
    CABLE_LENGTH("cable length", 0, LoopCheck.LONGEST_METRES, false),
    /// The tolerance of all resistors.
    TOLERANCE("tolerance", 0, 20, false),
    /// A leak across the pair, at the worst place along the cable.
    LEAK("leak across the pair", 1000, 1e6, true),
    /// A bad joint in series.
    JOINT("bad joint", 1, 10_000, true),
    /// The hottest the cable gets.
    HOTTEST("hottest cable", -60, 120, false);

    private final String words;
    private final double least;
    private final double most;
    private final boolean fault;

    LoopFigure(String words, double least, double most, boolean fault) {
        this.words = words;
        this.least = least;
        this.most = most;
        this.fault = fault;
    }

    /// What it is, in plain words.
    public String words() {
        return words;
    }

    /// The least it can be moved to, in its own unit.
    public double least() {
        return least;
    }

    /// The most it can be moved to, in its own unit.
    public double most() {
        return most;
    }

    /// Whether it is a fault, which no plan holds, and is moved by ratio and not by difference.
    public boolean fault() {
        return fault;
    }

    /// Where it stands in a loop: metres, percent or °C; a fault that is not there is at its harmless end.
    public double of(FittedLoop loop) {
        return switch (this) {
            case CABLE_LENGTH -> loop.cable().metres();
            case TOLERANCE -> loop.wiring().tolerancePercent();
            case LEAK -> most;
            case JOINT -> least;
            case HOTTEST -> loop.cable().hottestCelsius();
        };
    }

    /// Whether a loop has such a figure.
    public boolean in(FittedLoop loop) {
        return this != TOLERANCE || !loop.wiring().scheme().withoutResistors();
    }

    /// Whether the margin goes as the figure falls: a leak is the worse the smaller it is.
    public boolean worseWhenSmaller() {
        return this == LEAK;
    }

    /// The loop with the figure moved.
    ///
    /// @param value in its own unit, from its least to its most
    /// @throws IllegalArgumentException when it is out of bounds
    FittedLoop with(FittedLoop loop, double value) {
        Cable cable = loop.cable();
        return switch (this) {
            case CABLE_LENGTH -> loop.withCable(cable.withMetres(value));
            case TOLERANCE -> loop.withWiring(loop.wiring().withTolerancePercent(value));
            case HOTTEST -> loop.withCable(cable.withCelsius(Math.min(cable.coldestCelsius(), value), value));
            case LEAK, JOINT -> loop;
        };
    }

    /// The resistance of a device state with this figure moved.
    ///
    /// @param moved the loop with the figure moved, where it is one of the plan
    private Range range(FittedLoop moved, DeviceState device, double value) {
        LoopPart network = switch (this) {
            case LEAK -> LoopNetwork.withLeakAtWorst(moved, device, value);
            case JOINT -> LoopNetwork.of(moved, device, new LoopFault(FaultKind.JOINT, value), FarEnd.DEVICE);
            case CABLE_LENGTH, TOLERANCE, HOTTEST -> LoopNetwork.of(moved, device, LoopFault.NONE, FarEnd.DEVICE);
        };
        return network.range();
    }

    /// Every case of a loop with this figure moved. The right conclusion of a device state stays what it was.
    ///
    /// @param value in its own unit, from its least to its most
    public LoopResult moved(FittedLoop loop, BandChart chart, CheckedFaults trial, double value) {
        FittedLoop moved = with(loop, value);
        return new LoopResult(
                chart,
                trial.cases(moved).stream()
                        .map(loopCase -> loopCase.faulty()
                                ? LoopCheck.tryOut(moved, chart, loopCase)
                                : LoopCheck.reading(chart, loopCase, range(moved, loopCase.device(), value)))
                        .toList(),
                LoopCheck.longestMetres(loop, chart));
    }

    /// Where the margin is gone, in the figure's own unit: all device states are safe up to here and one is not
    /// beyond. The end of the scale where none fails; empty where the loop is not safe as it is.
    public Optional<Double> givesAt(FittedLoop loop, BandChart chart) {
        double start = of(loop);
        if (!safe(loop, chart, start)) {
            return Optional.empty();
        }
        if (worseWhenSmaller()) {
            return Optional.of(-LoopLimits.most(-start, -least, minus -> safe(loop, chart, -minus)));
        }
        return Optional.of(LoopLimits.most(start, most, value -> safe(loop, chart, value)));
    }

    private boolean safe(FittedLoop loop, BandChart chart, double value) {
        FittedLoop moved = with(loop, value);
        return loop.statesToTell().stream()
                .allMatch(state -> LoopCheck.reading(chart, state, range(moved, state.device(), value))
                        .safe());
    }
}
