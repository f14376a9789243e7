package io.answerback.desktop.survey;

import io.answerback.core.model.common.FigureReader;
import io.answerback.core.model.common.Figures;
import io.answerback.core.model.common.Typed;
import io.answerback.core.model.device.ContactForm;
import io.answerback.core.model.device.PointKind;
import io.answerback.core.model.site.Job;
import io.answerback.core.model.site.Measurement;
import io.answerback.core.model.site.Measurement.Measured;
import io.answerback.core.model.site.Point;
import io.answerback.core.survey.EntryLine;
import io.answerback.core.survey.KindCatalogue;
import io.answerback.core.survey.PointDraft;
import io.answerback.core.survey.takeover.FoundLoop;
import io.answerback.core.survey.takeover.TakeOverEdits;
import io.answerback.desktop.part.Group;
import io.answerback.desktop.part.Part;
import io.answerback.desktop.part.Parts;
import io.answerback.desktop.part.Tool;
import io.answerback.desktop.part.Value;
import io.answerback.desktop.part.Words;
import io.answerback.desktop.work.Actions;
import io.answerback.desktop.work.WindowState;
import java.time.Instant;
import java.time.InstantSource;
import java.time.ZoneId;
import java.time.format.DateTimeFormatter;
import java.util.Comparator;
import java.util.List;
import java.util.Locale;
import java.util.Optional;

/// What was found at the selected point's old loop: its readings, what they say about contact and resistor, and
/// the contacts that share it.
final class FoundSheet {
    private static final DateTimeFormatter TIME = DateTimeFormatter.ofPattern("d MMM yyyy HH:mm", Locale.ENGLISH);

    /// What tells contact and resistor of an old loop.
    private static final List<Measured> TAKEN_OVER =
            List.of(Measured.LOOP_AT_REST, Measured.LOOP_ACTIVE, Measured.RESISTOR);

    private final Actions actions;
    private final KindCatalogue kinds;
    private final InstantSource clock;

    FoundSheet(Actions actions, KindCatalogue kinds, InstantSource clock) {
        this.actions = actions;
        this.kinds = kinds;
        this.clock = clock;
    }

    /// The part that stands in the middle.
    Part of(WindowState state) {
        Parts part = Parts.column();
        part.style("found");
        Optional<Point> selected = state.job().point(state.selected());
        if (selected.isEmpty()) {
            part.add(Words.quiet("Select a zone point to note what was found at its loop."));
            return part.group();
        }
        Point point = selected.get();
        part.add(
                Words.section(
                        "Found at " + point.id() + " " + point.name(),
                        "cores lifted, meter on ohms; type 4k7, 12 or open"),
                fields(state.job(), point),
                Words.wrapped(Words.of("found-says", says(state.job(), point))),
                contacts(point));
        return part.group();
    }

    private Group fields(Job job, Point point) {
        Parts row = Parts.flow();
        row.style("found-fields");
        for (Measured what : TAKEN_OVER) {
            String shown = latest(job, point, what).map(FoundSheet::figure).orElse("measure");
            row.add(
                    Words.quiet(what.words()),
                    Value.of("Reading, " + what.words(), shown, typed -> take(point, what, typed)));
        }
        return row.group();
    }

    private static Optional<Measurement> latest(Job job, Point point, Measured what) {
        return job.measurements().stream()
                .filter(reading -> reading.pointId().equals(point.id()) && reading.what() == what)
                .max(Comparator.comparing(Measurement::at));
    }

    private static String figure(Measurement reading) {
        return reading.ohms().map(Figures::ohms).orElse("open");
    }

    private boolean take(Point point, Measured what, String typed) {
        Typed<Optional<Double>> ohms = typed.strip().equalsIgnoreCase("open")
                ? new Typed.Read<>(Optional.empty())
                : FigureReader.read(typed, "reading in ohms").then(Optional::of);
        return actions.apply(ohms.then(
                        value -> TakeOverEdits.measured(new Measurement(point.id(), clock.instant(), what, value, "")))
                .orAlso(", or open"));
    }

    private static String says(Job job, Point point) {
        FoundLoop found = FoundLoop.of(job, point.id());
        if (found.nothing()) {
            return "Nothing is known of this loop yet. At rest and active together tell the contact's form.";
        }
        String form = found.form().map(FoundSheet::says).orElse("Its form shows when it is measured both ways.");
        String resistor = found.resistorOhms()
                .map(ohms -> " A %s resistor is in it.".formatted(Figures.resistor(ohms)))
                .orElse(found.noResistor() ? " No resistor is in it." : "");
        return form + resistor + plan(point);
    }

    private static String says(ContactForm form) {
        return switch (form) {
            case NORMALLY_CLOSED -> "Its contact is closed at rest.";
            case NORMALLY_OPEN -> "Its contact is open at rest.";
            case EITHER -> "Its contact works either way.";
        };
    }

    private static String plan(Point point) {
        return !point.loop().scheme().hasEndOfLine()
                ? " The plan is a " + point.loop().scheme().words() + " without one."
                : " The plan is %s with %s."
                        .formatted(
                                point.loop().scheme().words(),
                                Figures.resistor(point.loop().endOfLineOhms()));
    }

    private Part contacts(Point point) {
        Parts row = Parts.flow(
                Words.quiet(point.inSeries().isEmpty() ? "Other contacts on the same loop" : "Contacts on this loop"));
        row.style("found-fields");
        for (int i = 0; i < point.inSeries().size(); i++) {
            int index = i;
            String name = point.inSeries().get(i).name();
            row.add(Tool.of(
                    name + "  ×",
                    "take it off this loop",
                    () -> actions.apply(TakeOverEdits.removeContact(point.id(), index))));
        }
        row.add(Value.of("Another contact on this loop", "name another", typed -> add(point, typed)));
        return row.group();
    }

    private boolean add(Point point, String typed) {
        PointDraft contact =
                new EntryLine(kinds, actions.now().job(), point.surveyed().area()).read(typed);
        PointKind kind = contact.kind().orElse(point.kind());
        if (contact.name().isEmpty()) {
            actions.tell("A contact needs a name, such as landing window.");
            return false;
        }
        return actions.apply(TakeOverEdits.addContact(point.id(), contact.name(), kind));
    }

    /// The readings kept of the selected point, newest first, for the side sheet.
    List<Part> readings(WindowState state) {
        List<Part> rows = new java.util.ArrayList<>();
        rows.add(Words.title("Readings kept"));
        List<Measurement> kept = state.job().measurements().stream()
                .filter(reading -> reading.pointId().equals(state.selected()))
                .sorted(Comparator.comparing(Measurement::at).reversed())
                .toList();
        if (kept.isEmpty()) {
            rows.add(Words.wrapped(Words.quiet("None of this point.")));
        }
        kept.forEach(reading -> rows.add(row(reading)));
        rows.add(Words.caution(
                "Lift the cores first: a meter on ohms across a live input reads the panel, not the loop."));
        return rows;
    }

    private static Part row(Measurement reading) {
        Parts row = Parts.flow(
                Words.of("question", reading.what().words()),
                Words.figure(figure(reading)),
                Words.quiet(time(reading.at())));
        row.style("section");
        return row.group();
    }

    private static String time(Instant at) {
        return TIME.format(at.atZone(ZoneId.systemDefault()));
    }
}
