package io.answerback.desktop.loop;

import io.answerback.core.engine.finding.Mark;
import io.answerback.core.loop.WiredPoint;
import io.answerback.core.loop.commission.LoopReading;
import io.answerback.core.loop.fault.MeasurementSetup;
import io.answerback.core.model.common.Figures;
import io.answerback.core.model.common.Typed;
import io.answerback.core.model.id.PointId;
import io.answerback.core.model.site.Measurement;
import io.answerback.core.survey.takeover.TakeOverEdits;
import io.answerback.desktop.part.Entry;
import io.answerback.desktop.part.Group;
import io.answerback.desktop.part.Marks;
import io.answerback.desktop.part.Part;
import io.answerback.desktop.part.Words;
import io.answerback.desktop.work.Actions;
import io.answerback.desktop.work.WindowState;
import java.time.InstantSource;
import java.util.List;

/// One loop in the column of readings.
///
/// @param clock tells when a reading is taken
/// @param setup in which state of the devices the loops are measured
record ReadingRow(Actions actions, InstantSource clock, MeasurementSetup setup) {
    List<Part> of(WiredPoint wired, LoopReading reading, WindowState state) {
        PointId pointId = wired.point().id();
        String name = pointId + " " + wired.point().name();
        boolean selected = state.selected().equals(pointId);
        return List.of(
                Words.whole(Words.figure(
                        wired.input().map(its -> Integer.toString(its.number())).orElse("–"))),
                Words.wrapped(Words.of(selected ? "reading-name reading-selected" : "reading-name", name))
                        .onClick(() -> actions.select(pointId)),
                Words.wrapped(Words.figure(reading.should())),
                new Entry(
                        "Reading of %s, %s, should be %s"
                                .formatted(name, setup.measured().words(), reading.should()),
                        text(reading),
                        typed -> take(wired, name, typed),
                        () -> actions.select(pointId),
                        actions::undo),
                verdict(reading),
                Words.wrapped(Words.figure(drift(reading))));
    }

    private static String text(LoopReading reading) {
        return reading.latest()
                .map(latest -> latest.ohms()
                        .map(ohms -> Figures.plain(Math.round(ohms * 10) / 10.0))
                        .orElse("open"))
                .orElse("");
    }

    private static Part verdict(LoopReading reading) {
        Mark mark = switch (reading.verdict()) {
            case NOT_MEASURED -> Mark.NOT_DONE;
            case AS_PREDICTED -> Mark.SOUND;
            case TOO_LOW, TOO_HIGH -> Mark.WRONG;
        };
        String says = reading.verdict().words();
        if (reading.verdict().off()) {
            double by = reading.offByOhms();
            says += Double.isInfinite(by) ? ": open" : " by " + Figures.ohms(by);
        }
        return Group.row(Marks.of(mark, says), Words.wrapped(says)).style("reading-verdict");
    }

    private static String drift(LoopReading reading) {
        return reading.driftOhms()
                .map(drift -> Double.isInfinite(drift) ? "changed" : Figures.signedOhms(drift))
                .orElse(reading.before().isPresent() ? "as it was" : "");
    }

    private boolean take(WiredPoint wired, String name, String typed) {
        return switch (TypedReading.of(typed, wired.point().id(), setup.measured(), wired.model(), clock.instant())) {
            case Typed.Read<Measurement>(Measurement made) -> actions.apply(TakeOverEdits.measured(made));
            case Typed.Refused<Measurement>(String why) -> {
                actions.tell(name + ": " + why);
                yield false;
            }
        };
    }
}
