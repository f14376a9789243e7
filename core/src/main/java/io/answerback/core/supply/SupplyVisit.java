package io.answerback.core.supply;

import io.answerback.core.model.id.ModuleId;
import io.answerback.core.model.power.Battery;
import io.answerback.core.model.power.SupplyReading;
import io.answerback.core.model.power.SupplyReading.Quantity;
import io.answerback.core.model.site.Parts;
import io.answerback.core.supply.battery.LeadAcid;
import java.time.LocalDate;
import java.time.ZoneOffset;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;

/// What was measured at a supply against what it should be, and how it has changed since the first time.
///
/// @param lines a line for each thing that can be measured
/// @param firstMilliohms the battery's internal resistance as it was first found, in milliohms; empty before that
/// @param lastMilliohms the same as it was last found
public record SupplyVisit(List<Line> lines, Optional<Double> firstMilliohms, Optional<Double> lastMilliohms) {
    /// By how much a current may be off what was computed before it is said, as a share.
    public static final double CURRENT_SHARE = 0.15;
    /// By how much a battery's internal resistance may have grown before it is worn, as a share.
    public static final double WORN_SHARE = 0.5;

    private static final double FLOAT_BAND_VOLTS = 0.15;
    private static final double LEAST_RESTED_VOLTS = 12.6;
    private static final double MOST_RESTED_VOLTS = 13.3;
    private static final double MILLI = 1000;
    /// 1.9 V a cell: a full battery stays above it under an alarm's load.
    private static final double LEAST_FULL_LOADED_VOLTS = 11.4;
    /// 2.07 V a cell, rested: nearly full.
    private static final double FULL_RESTED_VOLTS = 12.4;

    /// One quantity.
    ///
    /// @param what what is measured
    /// @param least the least it should be
    /// @param most the most it should be
    /// @param first the first reading; empty before there is one
    /// @param last the last reading
    public record Line(
            Quantity what, double least, double most, Optional<SupplyReading> first, Optional<SupplyReading> last) {
        /// Whether the last reading is outside what it should be.
        public boolean off() {
            return last.filter(reading -> reading.value() < least || reading.value() > most)
                    .isPresent();
        }

        /// Whether a current has changed since it was first measured.
        public boolean drifted() {
            return last.isPresent()
                    && what.current()
                    && Math.abs(last.get().value() - first.orElseThrow().value())
                            > CURRENT_SHARE * first.orElseThrow().value();
        }
    }

    public SupplyVisit {
        lines = List.copyOf(lines);
    }

    /// What was measured at a supply of a job.
    ///
    /// @param lines everything it feeds
    static SupplyVisit of(Parts job, ModuleId module, List<LoadLine> lines) {
        return new SupplyVisit(
                Arrays.stream(Quantity.values())
                        .map(what -> line(job, module, lines, what))
                        .toList(),
                milliohms(job, module, false),
                milliohms(job, module, true));
    }

    private static Line line(Parts job, ModuleId module, List<LoadLine> lines, Quantity what) {
        List<SupplyReading> readings = readings(job, module, what);
        double[] band = band(lines, what);
        return new Line(
                what,
                band[0],
                band[1],
                readings.stream().findFirst(),
                readings.isEmpty() ? Optional.empty() : Optional.of(readings.getLast()));
    }

    /// What was measured of the battery counts from the day it was fitted; currents are the system's, and stay.
    private static List<SupplyReading> readings(Parts job, ModuleId module, Quantity what) {
        List<SupplyReading> all = job.power().readings(module, what);
        Optional<LocalDate> fitted = job.power().battery(module).flatMap(Battery::fittedOn);
        return what.current() || fitted.isEmpty()
                ? all
                : all.stream()
                        .filter(reading -> !reading.at()
                                .isBefore(fitted.get()
                                        .atStartOfDay(ZoneOffset.UTC)
                                        .toInstant()))
                        .toList();
    }

    private static double[] band(List<LoadLine> lines, Quantity what) {
        return switch (what) {
            case FLOAT_VOLTS ->
                new double[] {LeadAcid.FLOAT_VOLTS - FLOAT_BAND_VOLTS, LeadAcid.FLOAT_VOLTS + FLOAT_BAND_VOLTS};
            case STANDING_MILLIAMPS -> around(Loads.milliamps(lines, false));
            case ALARM_MILLIAMPS -> around(Loads.milliamps(lines, true));
            case RESTED_VOLTS -> new double[] {LEAST_RESTED_VOLTS, MOST_RESTED_VOLTS};
            case LOADED_VOLTS -> new double[] {LeadAcid.NOMINAL_VOLTS, MOST_RESTED_VOLTS};
        };
    }

    private static double[] around(double milliamps) {
        return new double[] {milliamps * (1 - CURRENT_SHARE), milliamps * (1 + CURRENT_SHARE)};
    }

    /// The volts the battery loses in an alarm over the current that was measured then.
    private static Optional<Double> milliohms(Parts job, ModuleId module, boolean last) {
        List<SupplyReading> rested = readings(job, module, Quantity.RESTED_VOLTS);
        List<SupplyReading> loaded = readings(job, module, Quantity.LOADED_VOLTS);
        List<SupplyReading> alarm = readings(job, module, Quantity.ALARM_MILLIAMPS);
        if (rested.isEmpty() || loaded.isEmpty() || alarm.isEmpty()) {
            return Optional.empty();
        }
        double amps = value(alarm, last) / MILLI;
        double volts = value(rested, last) - value(loaded, last);
        return amps <= 0 || volts <= 0 ? Optional.empty() : Optional.of(volts / amps * MILLI);
    }

    private static double value(List<SupplyReading> readings, boolean last) {
        return (last ? readings.getLast() : readings.getFirst()).value();
    }

    /// Whether the battery shows itself full at rest and falls below 1.9 V a cell under the alarm's load: it is
    /// dead however long it has been so, and needs no earlier reading to compare with.
    public boolean dead() {
        Optional<Double> rested = last(Quantity.RESTED_VOLTS);
        Optional<Double> loaded = last(Quantity.LOADED_VOLTS);
        return rested.filter(volts -> volts >= FULL_RESTED_VOLTS).isPresent()
                && loaded.filter(volts -> volts < LEAST_FULL_LOADED_VOLTS).isPresent();
    }

    /// What was last measured of a quantity; empty where it was not.
    Optional<Double> last(Quantity what) {
        return lines.stream()
                .filter(line -> line.what() == what)
                .flatMap(line -> line.last().stream())
                .map(SupplyReading::value)
                .findFirst();
    }

    /// Whether the battery's internal resistance has grown by more than half since it was first found.
    public boolean worn() {
        return firstMilliohms.isPresent()
                && lastMilliohms.isPresent()
                && lastMilliohms.get() > firstMilliohms.get() * (1 + WORN_SHARE);
    }
}
