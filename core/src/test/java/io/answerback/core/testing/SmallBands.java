package io.answerback.core.testing;

import io.answerback.core.model.device.SchemeKind;
import io.answerback.core.model.profile.Band;
import io.answerback.core.model.profile.Meaning;
import io.answerback.core.model.profile.SchemeBands;
import io.answerback.core.model.profile.UnusedTermination;
import java.util.List;

/// What the test panel makes of the resistances of each loop scheme.
public final class SmallBands {
    /// Bands of a double end-of-line of 2k2 and 4k7.
    public static final SchemeBands DOUBLE = SchemeBands.of(
            SchemeKind.DOUBLE_END_OF_LINE,
            2200,
            4700,
            UnusedTermination.RESISTOR,
            List.of(
                    new Band(0, 900, Meaning.TAMPER),
                    new Band(1550, 2950, Meaning.NORMAL),
                    new Band(4900, 9500, Meaning.ALARM),
                    new Band(13_000, Double.POSITIVE_INFINITY, Meaning.TAMPER)));

    /// Bands of a single end-of-line of 2k2.
    public static final SchemeBands SINGLE = SchemeBands.of(
            SchemeKind.SINGLE_END_OF_LINE,
            2200,
            0,
            UnusedTermination.RESISTOR,
            List.of(
                    new Band(0, 900, Meaning.TAMPER),
                    new Band(1550, 2950, Meaning.NORMAL),
                    new Band(4900, Double.POSITIVE_INFINITY, Meaning.ALARM)));

    /// Bands of a closed loop.
    public static final SchemeBands CLOSED = SchemeBands.of(
            SchemeKind.CLOSED_LOOP,
            0,
            0,
            UnusedTermination.LINK,
            List.of(new Band(0, 400, Meaning.NORMAL), new Band(1500, Double.POSITIVE_INFINITY, Meaning.ALARM)));

    /// Bands of a normally-open loop.
    public static final SchemeBands OPEN = SchemeBands.of(
            SchemeKind.NORMALLY_OPEN,
            0,
            0,
            UnusedTermination.NOTHING,
            List.of(new Band(0, 400, Meaning.ALARM), new Band(1500, Double.POSITIVE_INFINITY, Meaning.NORMAL)));

    /// Bands of a single end-of-line of 2k2 with the contact across it.
    public static final SchemeBands ACROSS = SchemeBands.of(
            SchemeKind.END_OF_LINE_ACROSS,
            2200,
            0,
            UnusedTermination.RESISTOR,
            List.of(
                    new Band(0, 900, Meaning.ALARM),
                    new Band(1550, 2950, Meaning.NORMAL),
                    new Band(4900, Double.POSITIVE_INFINITY, Meaning.TAMPER)));

    /// Bands of a triple end-of-line of 2k2, 4k7 and 10k.
    public static final SchemeBands TRIPLE = new SchemeBands(
            SchemeKind.TRIPLE_END_OF_LINE,
            2200,
            4700,
            10_000,
            UnusedTermination.RESISTOR,
            List.of(
                    new Band(0, 900, Meaning.TAMPER),
                    new Band(1550, 2950, Meaning.NORMAL),
                    new Band(4900, 9500, Meaning.ALARM),
                    new Band(10_500, 21_000, Meaning.MASKED),
                    new Band(30_000, Double.POSITIVE_INFINITY, Meaning.TAMPER)));

    /// Bands of two zones on one input, 4k7 and 10k across the contacts and 2k2 at the end.
    public static final SchemeBands TWO_SERIES = new SchemeBands(
            SchemeKind.TWO_ZONES_SERIES,
            2200,
            4700,
            10_000,
            UnusedTermination.RESISTOR,
            List.of(
                    new Band(0, 900, Meaning.TAMPER),
                    new Band(1550, 2950, Meaning.NORMAL),
                    new Band(5500, 8500, Meaning.ALARM),
                    new Band(10_500, 14_000, Meaning.SECOND_ZONE),
                    new Band(15_500, 20_000, Meaning.BOTH_ZONES),
                    new Band(30_000, Double.POSITIVE_INFINITY, Meaning.TAMPER)));

    /// Bands of two zones on one input, in branches of 4k7 and 10k.
    public static final SchemeBands TWO_PARALLEL = new SchemeBands(
            SchemeKind.TWO_ZONES_PARALLEL,
            0,
            4700,
            10_000,
            UnusedTermination.RESISTOR,
            List.of(
                    new Band(0, 1500, Meaning.TAMPER),
                    new Band(2700, 3900, Meaning.NORMAL),
                    new Band(4200, 5500, Meaning.SECOND_ZONE),
                    new Band(8000, 13_000, Meaning.ALARM),
                    new Band(30_000, Double.POSITIVE_INFINITY, Meaning.BOTH_ZONES)));

    /// Bands of a loop of two-wire detectors with 2k2 at its end, a tripped one being 4k7 and a quiet one 10k.
    public static final SchemeBands TWO_WIRE = new SchemeBands(
            SchemeKind.TWO_WIRE_SMOKE,
            2200,
            4700,
            10_000,
            UnusedTermination.RESISTOR,
            List.of(
                    new Band(0, 400, Meaning.FAULT),
                    new Band(700, 1600, Meaning.ALARM),
                    new Band(1700, 2600, Meaning.NORMAL),
                    new Band(5000, Double.POSITIVE_INFINITY, Meaning.FAULT)));

    private SmallBands() {}
}
