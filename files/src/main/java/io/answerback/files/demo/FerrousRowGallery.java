package io.answerback.files.demo;

import io.answerback.core.engine.edit.Edits;
import io.answerback.core.engine.edit.LoopEdits;
import io.answerback.core.engine.edit.PointEdits;
import io.answerback.core.engine.edit.PracticeEdits;
import io.answerback.core.loop.radio.RadioEdits;
import io.answerback.core.model.device.PointKind;
import io.answerback.core.model.device.SchemeKind;
import io.answerback.core.model.id.InputId;
import io.answerback.core.model.id.PointId;
import io.answerback.core.model.practice.PracticeOption;
import io.answerback.core.model.site.Job;
import io.answerback.core.model.site.Measurement;
import io.answerback.core.model.site.Measurement.Measured;
import io.answerback.core.model.site.SignalReading;
import io.answerback.core.survey.NewJob;
import io.answerback.core.survey.capacity.CapacityEdits;
import io.answerback.core.survey.takeover.TakeOverEdits;
import io.answerback.files.DataFiles;
import java.time.Instant;
import java.util.List;
import java.util.Optional;
import java.util.Set;

/// An old wired system taken over by a radio panel with three wired inputs: far more points than inputs, two
/// old zones with a floor of windows in series on each, and a loop with another maker's resistor in it.
public final class FerrousRowGallery {
    private static final String VISIT = "2026-04-21T10:05:00Z";

    private FerrousRowGallery() {}

    /// The job, opened on a day.
    static Job job(DemoDay day) {
        var profile = DataFiles.profile("sample-c");
        Job job = NewJob.of(
                "Ferrous Row Gallery",
                "Ferrous Row, the old foundry",
                DataFiles.rules("graded-2"),
                PracticeOption.SET_UNSET,
                profile);
        job = PracticeEdits.option("loop", PracticeOption.SINGLE_END_OF_LINE).on(job);
        job = PracticeEdits.reason("school:LOOP", "The panel reads no double end-of-line.")
                .on(job);
        job = TypedPoints.typed(job, "demo/ferrous-row.txt");
        job = oldWiring(job);
        job = CapacityEdits.fit("Keypad 1", List.of(profile.module("keypad").orElseThrow()))
                .on(job);
        for (int point = 1; point <= 3; point++) {
            job = CapacityEdits.wire(new PointId("0" + point), Optional.of(new InputId("Panel." + point)))
                    .on(job);
        }
        job = LoopEdits.shareInput(new PointId("10"), new PointId("01")).on(job);
        job = PracticeEdits.reason("scheme:01", "Both doors on one input: there are three inputs only.")
                .on(job);
        job = PracticeEdits.reason("scheme:06", "The button closes when it is pressed.")
                .on(job);
        job = LoopEdits.scheme(new PointId("06"), SchemeKind.END_OF_LINE_ACROSS).on(job);
        job = PracticeEdits.people(8).on(job);
        job = Edits.account(1, "5508").on(job);
        return DemoUnits.ofGallery(byRadio(readings(job, day), day));
    }

    /// Two devices enrolled the wrong way round, one of them far from the panel, one with an old battery; a
    /// third still to be enrolled.
    private static Job byRadio(Job job, DemoDay day) {
        Job next = job;
        for (String point : List.of("11", "12", "13")) {
            next = CapacityEdits.giveInput(new PointId(point)).on(next);
        }
        for (String point : List.of("12", "11")) {
            next = RadioEdits.enrol(
                            next.inputOf(new PointId(point)).orElseThrow().id())
                    .on(next);
        }
        next = RadioEdits.heard(new SignalReading(
                        new PointId("11"), -79, day.instant(VISIT).plusSeconds(600)))
                .on(next);
        next = RadioEdits.heard(new SignalReading(
                        new PointId("12"), -91, day.instant(VISIT).plusSeconds(660)))
                .on(next);
        next = RadioEdits.battery(new PointId("11"), day.date("2023-03-14")).on(next);
        return RadioEdits.battery(new PointId("12"), day.date("2026-04-21")).on(next);
    }

    private static Job oldWiring(Job job) {
        PointKind window =
                DataFiles.kinds().byId("window-contact").orElseThrow().kind();
        Job next = job;
        for (String name : List.of("Landing window", "Studio window", "Print room window", "Bathroom window")) {
            next = TakeOverEdits.addContact(new PointId("03"), name, window).on(next);
        }
        for (String name : List.of("Left shop window", "Right shop window", "Fanlight")) {
            next = TakeOverEdits.addContact(new PointId("04"), name, window).on(next);
        }
        next = TakeOverEdits.removeContact(new PointId("03"), 0).on(next);
        next = TakeOverEdits.removeContact(new PointId("04"), 0).on(next);
        return PointEdits.change(
                        "old wiring",
                        Set.of(new PointId("03"), new PointId("04")),
                        point -> point.withLoop(point.loop().withScheme(SchemeKind.CLOSED_LOOP)))
                .on(next);
    }

    private static Job readings(Job job, DemoDay day) {
        Instant visit = day.instant(VISIT);
        Job next = reading(job, "03", Measured.LOOP_AT_REST, Optional.of(11.8), visit);
        next = reading(next, "03", Measured.LOOP_ACTIVE, Optional.empty(), visit.plusSeconds(60));
        next = reading(next, "05", Measured.LOOP_AT_REST, Optional.of(4710.0), visit.plusSeconds(120));
        return reading(next, "05", Measured.LOOP_ACTIVE, Optional.empty(), visit.plusSeconds(180));
    }

    private static Job reading(Job job, String point, Measured what, Optional<Double> ohms, Instant at) {
        return TakeOverEdits.measured(new Measurement(new PointId(point), at, what, ohms, ""))
                .on(job);
    }
}
