package io.answerback.desktop.communicator;

import io.answerback.core.engine.edit.UnitEdits;
import io.answerback.core.engine.finding.Mark;
import io.answerback.core.model.practice.RuleFigure;
import io.answerback.core.model.site.Job;
import io.answerback.core.model.unit.Unit;
import io.answerback.core.model.unit.UnitReading;
import io.answerback.desktop.part.Gauge;
import io.answerback.desktop.part.Grid;
import io.answerback.desktop.part.Marks;
import io.answerback.desktop.part.Part;
import io.answerback.desktop.part.Parts;
import io.answerback.desktop.part.Text;
import io.answerback.desktop.part.Value;
import io.answerback.desktop.part.Words;
import io.answerback.desktop.work.Actions;
import java.time.InstantSource;
import java.time.LocalDate;
import java.time.ZoneId;
import java.util.ArrayList;
import java.util.List;

/// The signal of a communicator against its floor and what the rules want, with every reading there was.
///
/// @param actions keeps a reading
/// @param clock tells the day of a reading
record SignalPart(Actions actions, InstantSource clock) {
    private static final double STRONGEST = -50;

    List<Part> parts(Job job, Unit unit) {
        double wanted = job.practice().figure(RuleFigure.RADIO_MARGIN_DECIBELS);
        List<Part> parts = new ArrayList<>();
        double floor = unit.profile().floorDecibelMilliwatts();
        unit.lastReading().ifPresent(reading -> parts.add(gauge(reading, floor)));
        Grid.Filling table = Grid.filling("table", "load-table");
        for (UnitReading reading : unit.readings().reversed()) {
            double margin = reading.decibelMilliwatts() - floor;
            table.line(
                    List.of(reading.on(), reading.where(), reading.decibelMilliwatts()),
                    List.of(
                            mark(margin, wanted),
                            Words.whole(Words.quiet(reading.on().toString())),
                            Words.whole(Words.figure("%.0f dBm".formatted(reading.decibelMilliwatts()))),
                            Words.whole(Words.quiet("%+.0f dB".formatted(margin))),
                            Words.wrapped(Text.of(reading.where()))));
        }
        parts.add(table.grid());
        parts.add(Parts.flow(Value.of("Next reading", "write a reading: -88 on the wall", this::heard))
                .style("switches")
                .group());
        parts.add(Words.wrapped(Words.quiet(
                "The bar begins at its floor of %.0f dBm; the rules want %.0f dB above it. Away from metal, out of the steel box, aerial on top."
                        .formatted(floor, wanted))));
        return parts;
    }

    private static Part mark(double margin, double wanted) {
        if (margin < 0) {
            return Marks.of(Mark.WRONG, "below its floor");
        }
        return margin < wanted
                ? Marks.of(Mark.TIGHT, "less above its floor than the rules want")
                : Marks.of(Mark.SOUND, "well above its floor");
    }

    private static Part gauge(UnitReading reading, double floor) {
        double span = STRONGEST - floor;
        double there = Math.clamp((reading.decibelMilliwatts() - floor) / span, 0, 1);
        return new Gauge(
                there,
                1,
                "%.0f dBm, %.0f dB above its floor of %.0f dBm"
                        .formatted(reading.decibelMilliwatts(), reading.decibelMilliwatts() - floor, floor));
    }

    private boolean heard(String typed) {
        String[] parts = typed.strip().replaceFirst("(?i)dBm", "").split("\\s+", 2);
        String figure = parts[0].replace('−', '-');
        try {
            double signal = Double.parseDouble(figure.replace(',', '.'));
            String where = parts.length > 1 ? parts[1].strip() : "";
            LocalDate today = LocalDate.ofInstant(clock.instant(), ZoneId.systemDefault());
            return actions.apply(UnitEdits.heard(new UnitReading(signal, today, where)));
        } catch (IllegalArgumentException none) {
            actions.tell("\"" + typed
                    + "\" is no reading; write dBm first and then where it stood, such as -88 on the wall.");
            return false;
        }
    }
}
