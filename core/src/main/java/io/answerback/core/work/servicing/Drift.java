package io.answerback.core.work.servicing;

import io.answerback.core.engine.memo.Fact;
import io.answerback.core.engine.memo.Facts;
import io.answerback.core.model.power.SupplyReading;
import io.answerback.core.model.practice.RuleFigure;
import io.answerback.core.model.profile.Band;
import io.answerback.core.model.profile.BandUnit;
import io.answerback.core.model.profile.InputModel;
import io.answerback.core.model.profile.RadioRule;
import io.answerback.core.model.site.Measurement;
import io.answerback.core.model.site.Measurement.Measured;
import io.answerback.core.model.site.Point;
import io.answerback.core.model.site.SignalReading;
import io.answerback.core.work.servicing.Trend.Read;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.EnumSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;

/// What changes from visit to visit: loops against the bands of their inputs, supplies, and how strongly devices are
/// heard against the floor that the rules want.
public final class Drift {
    /// The trends of a job, those that cross their bound soonest first, those without a bound last.
    public static final Fact<List<Trend>> FACT = Fact.of("drift", facts -> new Drift(facts).trends());

    /// States of a loop that are read alike on every visit.
    private static final Set<Measured> STATES =
            EnumSet.of(Measured.LOOP_AT_REST, Measured.LOOP_ACTIVE, Measured.LOOP_MASKED, Measured.LOOP_COVER_OFF);

    private static final double LOOP_NOISE_OHMS = 5;
    private static final double LOOP_NOISE_SHARE = 0.02;
    private static final double VOLTS_NOISE = 0.05;
    private static final double MILLIAMPS_NOISE_SHARE = 0.05;
    private static final double RADIO_NOISE_DECIBELS = 3;

    private final Facts facts;
    private final List<Trend> trends = new ArrayList<>();

    private Drift(Facts facts) {
        this.facts = facts;
    }

    private List<Trend> trends() {
        loops();
        supplies();
        radio();
        trends.sort(Comparator.comparing(
                trend -> trend.crosses().map(Object::toString).orElse("9999")));
        return List.copyOf(trends);
    }

    private void loops() {
        for (Point point : facts.points()) {
            Map<Measured, List<Measurement>> states = facts.measurements().stream()
                    .filter(reading -> reading.pointId().equals(point.id())
                            && STATES.contains(reading.what())
                            && reading.ohms().isPresent())
                    .collect(Collectors.groupingBy(Measurement::what, LinkedHashMap::new, Collectors.toList()));
            states.forEach((state, readings) -> loop(point, state, readings));
        }
    }

    private void loop(Point point, Measured state, List<Measurement> readings) {
        List<Read> reads = readings.stream()
                .map(reading -> new Read(reading.at(), reading.ohms().orElseThrow()))
                .toList();
        double latest = reads.getLast().value();
        Optional<Band> band = band(point, latest);
        InputModel input = facts.inputModel(facts.inputOf(point.id()));
        Trend.of(
                        point.id() + " " + point.name() + ", " + state.words(),
                        "Ω",
                        reads,
                        band.map(its -> ohms(its, its.low(), input)),
                        band.map(its -> ohms(its, its.high(), input)).filter(Double::isFinite),
                        Math.max(LOOP_NOISE_OHMS, LOOP_NOISE_SHARE * latest))
                .ifPresent(trends::add);
    }

    private Optional<Band> band(Point point, double ohms) {
        InputModel input = facts.inputModel(facts.inputOf(point.id()));
        return input.reads(point.loop().scheme())
                .flatMap(scheme -> scheme.bands().stream()
                        .filter(band -> ohms >= ohms(band, band.low(), input) && ohms <= ohms(band, band.high(), input))
                        .findFirst());
    }

    private static double ohms(Band band, double edge, InputModel input) {
        return band.unit() == BandUnit.OHMS ? edge : input.ohms(edge);
    }

    private void supplies() {
        Map<String, List<SupplyReading>> byName = facts.power().readings().stream()
                .collect(Collectors.groupingBy(
                        reading -> facts.nameOf(reading.module()) + ", "
                                + reading.what().words(),
                        LinkedHashMap::new,
                        Collectors.toList()));
        byName.forEach((name, readings) -> {
            SupplyReading.Quantity what = readings.getFirst().what();
            String unit = what.unit();
            double noise =
                    what.current() ? MILLIAMPS_NOISE_SHARE * readings.getLast().value() : VOLTS_NOISE;
            List<Read> reads = readings.stream()
                    .map(reading -> new Read(reading.at(), reading.value()))
                    .toList();
            Trend.of(name, unit, reads, Optional.empty(), Optional.empty(), noise)
                    .ifPresent(trends::add);
        });
    }

    private void radio() {
        Optional<Double> floor = facts.panel()
                .profile()
                .radio()
                .map(RadioRule::floorDecibelMilliwatts)
                .map(its -> its + facts.practice().figure(RuleFigure.RADIO_MARGIN_DECIBELS));
        Map<String, List<SignalReading>> byName = facts.radio().readings().stream()
                .collect(Collectors.groupingBy(
                        reading -> facts.nameOf(reading.part()) + ", heard by radio",
                        LinkedHashMap::new,
                        Collectors.toList()));
        byName.forEach((name, readings) -> Trend.of(
                        name,
                        "dBm",
                        readings.stream()
                                .map(reading -> new Read(reading.at(), reading.decibelMilliwatts()))
                                .toList(),
                        floor,
                        Optional.empty(),
                        RADIO_NOISE_DECIBELS)
                .ifPresent(trends::add));
    }
}
