package io.answerback.core.model.site;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import io.answerback.core.model.cable.Cable;
import io.answerback.core.model.id.CableId;
import io.answerback.core.model.id.InputId;
import io.answerback.core.model.id.ModuleId;
import io.answerback.core.model.id.PointId;
import io.answerback.core.model.id.ReceiverId;
import io.answerback.core.model.path.PathKind;
import io.answerback.core.model.path.TransmissionPath;
import io.answerback.core.model.practice.Practice;
import io.answerback.core.model.practice.PracticeOption;
import io.answerback.core.model.practice.PracticeQuestion;
import io.answerback.core.model.practice.RuleFigure;
import io.answerback.core.model.profile.Conductor;
import io.answerback.core.model.profile.PanelProfile;
import io.answerback.core.model.profile.UnusedTermination;
import io.answerback.core.model.profile.ZoneType;
import io.answerback.core.model.receiver.Told;
import io.answerback.core.testing.SmallJob;
import io.answerback.core.testing.SmallKinds;
import io.answerback.core.testing.SmallParts;
import io.answerback.core.testing.SmallRules;
import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Stream;
import org.assertj.core.api.ThrowableAssert.ThrowingCallable;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.Arguments;
import org.junit.jupiter.params.provider.MethodSource;

class JobTest {
    private static final Job JOB = SmallJob.job();

    static Stream<Arguments> refused() {
        return Stream.of(
                refused(() -> JOB.withPoints(twice(JOB.points())), "point 01 is there twice"),
                refused(() -> JOB.withZones(twice(JOB.zones())), "zone 1 is there twice"),
                refused(() -> JOB.withCables(List.of(SmallJob.cable("99"))), "a cable goes to point 99"),
                refused(
                        () -> JOB.withInputs(List.of(input(1, "01"), input(2, "01"))),
                        "input of point 01 is there twice"),
                refused(() -> JOB.withPoints(List.of()), "a cable goes to point 01"),
                refused(() -> new Cable(new CableId("C"), new PointId("01"), 10, SmallJob.THIN, 30, -10), "swap them"),
                refused(
                        () -> new Cable(new CableId("C"), new PointId("01"), Double.NaN, SmallJob.THIN, 0, 20),
                        "length of cable C in metres is NaN"),
                refused(
                        () -> new Cable(new CableId(" "), new PointId("01"), 10, SmallJob.THIN, 0, 20),
                        "cable id is empty"),
                refused(() -> new Conductor("thin", 0), "ohms per kilometre is 0"),
                refused(() -> new Area(1, "Front", "12"), "3 to 16 of 0-9 and A-F"),
                refused(() -> new Area(100, "Front", "1234"), "area number is 100"),
                refused(() -> new Zone(3, ZoneType.IMMEDIATE, Optional.of(1), Optional.of("12")), "three digits"),
                refused(
                        () -> Receiver.overIp(new ReceiverId("A"), "A", "host", 70_000, "", "0", Told.ALWAYS),
                        "port of receiver A is 70000"),
                refused(
                        () -> Receiver.overIp(new ReceiverId("A"), "A", "host", 9, "", "xyz", Told.ALWAYS),
                        "line number of receiver A is \"xyz\""),
                refused(() -> TransmissionPath.of(PathKind.IP, 0, 1000), "attempts is 0"),
                refused(() -> SmallParts.rules("R", "", 5, Map.of(), Map.of()), "grade is 5"),
                refused(
                        () -> SmallParts.rules(
                                "R", "", 2, Map.of(PracticeQuestion.TAMPER, PracticeOption.SOLDER), Map.of()),
                        "TAMPER is answered with SOLDER; it must be one of [ONE_RING, PER_ZONE]"),
                refused(
                        () -> SmallParts.rules("R", "", 2, Map.of(), Map.of()),
                        "the rules' answer to WORDING is missing"),
                refused(
                        () -> Practice.of(SmallRules.rules()).withFigure(RuleFigure.SIREN_MINUTES, 500),
                        "siren minutes in the rules is 500; it must be from 0 to 120"),
                refused(
                        () -> JOB.withInputs(List.of(Input.of(
                                new InputId("X.1"),
                                new ModuleId("X"),
                                1,
                                9,
                                Optional.empty(),
                                UnusedTermination.LINK))),
                        "input X.1 is on module X, which is not in the job"),
                refused(
                        () -> JOB.points().getFirst().withInSeries(List.of(new SeriesContact("one", SmallKinds.DOOR))),
                        "one contact in series"),
                refused(
                        () -> JOB.withMeasurements(List.of(new Measurement(
                                new PointId("44"),
                                Instant.EPOCH,
                                Measurement.Measured.RESISTOR,
                                Optional.of(1.0),
                                ""))),
                        "a measurement was made at point 44"),
                refused(() -> SmallJob.wiring().withTolerancePercent(30), "tolerance in percent is 30"),
                refused(() -> SmallJob.profile(List.of()), "reads no loop scheme"));
    }

    private static Arguments refused(ThrowingCallable bad, String says) {
        return Arguments.of(bad, says);
    }

    private static Input input(int number, String point) {
        return Input.of(
                new InputId("P." + number),
                new ModuleId("Panel"),
                number,
                number,
                Optional.of(new PointId(point)),
                UnusedTermination.LINK);
    }

    private static <T> List<T> twice(List<T> parts) {
        return Stream.concat(parts.stream(), parts.stream()).toList();
    }

    @ParameterizedTest
    @MethodSource("refused")
    void badPartsAreRefusedInWords(ThrowingCallable bad, String says) {
        assertThatThrownBy(bad).isInstanceOf(IllegalArgumentException.class).hasMessageContaining(says);
    }

    @Test
    void aProofCannotBeChangedThroughWhatItWasMadeOf() {
        var facts = new java.util.HashMap<>(Map.of("cable length", "48 m"));
        var upstream = new java.util.HashMap<Link, Map<String, String>>(Map.of(Link.LOOP, facts));
        Proof proof = new Proof(new PointId("01"), Instant.EPOCH, 1, "station", "frame", Optional.empty(), upstream);
        facts.put("cable length", "62 m");
        upstream.clear();
        assertThat(proof.upstream()).containsEntry(Link.LOOP, Map.of("cable length", "48 m"));
    }

    @Test
    void theInputDividerGivesHalfThePullUpAtThePullUpsOwnResistance() {
        PanelProfile profile = JOB.panel().profile();
        assertThat(profile.inputs().volts(4700)).isEqualTo(2.5);
        assertThat(profile.inputs().volts(0)).isZero();
        assertThat(profile.inputs().volts(Double.POSITIVE_INFINITY)).isEqualTo(5);
    }

    @Test
    void anEditKeepsEveryListItDoesNotTouch() {
        Job job = SmallJob.job();
        Job edited = job.withZones(job.zones());
        assertThat(edited.inputs()).isSameAs(job.inputs());
        assertThat(edited.points()).isSameAs(job.points());
        assertThat(edited.cables()).isSameAs(job.cables());
        assertThat(edited.measurements()).isSameAs(job.measurements());
    }

    @Test
    void twoModulesOfOneNameAreRefused() {
        Job job = SmallJob.job();
        List<PanelModule> modules = new ArrayList<>(job.modules());
        modules.add(new PanelModule(new ModuleId("another"), "Panel", "board", List.of(), false));
        assertThatThrownBy(() -> job.withModules(modules))
                .hasMessage("two modules are called Panel; give one of them another name");
    }

    @Test
    void aPointCannotHaveTheIdOfOneEveryPanelHas() {
        Job job = SmallJob.job();
        Point mains = job.points().getFirst().withId(new PointId("mains"));
        assertThatThrownBy(() -> job.withPoints(List.of(mains))).hasMessageContaining("give it a number");
    }
}
