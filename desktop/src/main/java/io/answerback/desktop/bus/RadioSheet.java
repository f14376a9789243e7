package io.answerback.desktop.bus;

import io.answerback.core.capacity.CapacityEdits;
import io.answerback.core.common.Text;
import io.answerback.core.edit.RadioEdits;
import io.answerback.core.id.PointId;
import io.answerback.core.power.DeviceBattery;
import io.answerback.core.profile.RadioRule;
import io.answerback.core.radio.RadioState;
import io.answerback.core.radio.Sender;
import io.answerback.core.site.Enrolment;
import io.answerback.core.site.Point;
import io.answerback.desktop.drawing.Flow;
import io.answerback.desktop.drawing.Tool;
import io.answerback.desktop.drawing.ValueField;
import io.answerback.desktop.drawing.Words;
import io.answerback.desktop.shell.Sheet;
import io.answerback.desktop.theme.Look;
import io.answerback.desktop.work.OpenJob;
import io.answerback.desktop.work.WindowState;
import java.time.InstantSource;
import java.time.LocalDate;
import java.time.ZoneId;
import java.time.format.DateTimeParseException;
import java.util.List;
import java.util.Optional;
import javafx.scene.layout.VBox;

/// What the panel hears by radio: each device and converter with its zone, how it is enrolled, how strongly it
/// came in, and when its battery is due.
final class RadioSheet extends Sheet {
    private final OpenJob openJob;
    private final InstantSource clock;
    private final HeardDrawing drawing;
    private final VBox about = new VBox();

    RadioSheet(OpenJob openJob, Look look, InstantSource clock) {
        this.openJob = openJob;
        this.clock = clock;
        this.drawing = new HeardDrawing(openJob, look, clock);
        about.getStyleClass().add("gaps");
        instrument.getChildren().setAll(about);
    }

    @Override
    public String title() {
        return "What the panel hears";
    }

    @Override
    public String about(WindowState state) {
        int senders = state.assessment().radio().senders().size();
        return senders == 0 ? "" : "signal at the test, every door shut";
    }

    @Override
    public void show(WindowState state) {
        RadioState heard = state.assessment().radio();
        sheet.getChildren().clear();
        about.getChildren().clear();
        if (heard.rule().isEmpty()) {
            empty("This panel's profile says nothing of radio: nothing on this job is heard by it.");
            return;
        }
        waiting(state).ifPresent(sheet.getChildren()::add);
        if (heard.senders().isEmpty()) {
            empty("Nothing sends by radio yet. Type a wireless point on the survey (Ctrl+1), or fit a converter.");
        } else {
            drawing.show(heard, state.selected());
            sheet.getChildren().add(drawing);
        }
        heard.leftover().forEach(left -> sheet.getChildren().add(leftover(left)));
        heard.of(state.selected()).ifPresent(this::selected);
        enrolling(heard, heard.rule().get());
    }

    private void empty(String why) {
        sheet.getChildren().add(Words.wrapped(Words.of("empty", why)));
    }

    /// Wireless points that have no zone yet.
    private Optional<Flow> waiting(WindowState state) {
        List<PointId> without = state.job().points().stream()
                .filter(point ->
                        point.kind().radio() && state.job().inputOf(point.id()).isEmpty())
                .map(Point::id)
                .toList();
        if (without.isEmpty()) {
            return Optional.empty();
        }
        Flow row = new Flow(Words.wrapped(Words.quiet("Without a wireless zone: " + Text.listed(without))));
        without.forEach(id -> row.getChildren()
                .add(Tool.of(
                        "Zone for " + id,
                        "the lowest wireless zone that is free",
                        () -> openJob.apply(CapacityEdits.giveInput(id)))));
        row.getStyleClass().add("switches");
        return Optional.of(row);
    }

    private Flow leftover(Enrolment left) {
        Flow row = new Flow(
                Words.wrapped(Words.of(
                        "finding-says", "Zone %02d is enrolled, and nothing on this job is it".formatted(left.zone()))),
                Tool.of(
                        "Deleted in the panel",
                        "the panel no longer expects it",
                        () -> openJob.apply(RadioEdits.delete(left.inputId()))));
        row.getStyleClass().add("switches");
        return row;
    }

    private void selected(Sender sender) {
        about.getChildren().add(Words.wrapped(Words.title(sender.title())));
        Flow tools = new Flow();
        tools.getStyleClass().add("switches");
        sender.enrolment()
                .ifPresentOrElse(
                        its -> enrolled(sender, its, tools),
                        () -> tools.getChildren()
                                .add(Tool.of(
                                        "Enrolled now",
                                        "the panel gives it the zone its way of numbering gives",
                                        () -> openJob.apply(
                                                RadioEdits.enrol(sender.input().id())))));
        sender.reading()
                .ifPresent(reading -> tools.getChildren()
                        .add(Tool.of(
                                "Take the reading back",
                                "its signal is not measured then",
                                () -> openJob.apply(RadioEdits.unheard(reading)))));
        about.getChildren().add(tools);
        if (sender.converter().isEmpty()) {
            battery(sender);
        }
    }

    private void enrolled(Sender sender, Enrolment its, Flow tools) {
        about.getChildren()
                .add(Words.wrapped(
                        Words.quiet("Enrolled as number %d; the panel shows it as zone".formatted(sender.order()))));
        tools.getChildren()
                .add(new ValueField(
                        "Zone the panel shows", "%02d".formatted(its.zone()), typed -> under(sender, typed)));
        if (sender.outOfPlace()) {
            tools.getChildren()
                    .add(Tool.of(
                            "Plan zone %02d for it".formatted(its.zone()),
                            "the plan takes the panel's number with what is programmed; whoever is planned there takes this one's",
                            () -> openJob.apply(RadioEdits.follow(sender.input().id()))));
        }
        tools.getChildren()
                .add(Tool.of(
                        "Deleted in the panel",
                        "it is enrolled no more",
                        () -> openJob.apply(RadioEdits.delete(sender.input().id()))));
    }

    private boolean under(Sender sender, String typed) {
        if (!typed.strip().matches("\\d{1,3}")) {
            openJob.tell("\"%s\" is no zone number; type it as 06".formatted(typed));
            return false;
        }
        return openJob.apply(RadioEdits.enrolledUnder(sender.input().id(), Integer.parseInt(typed.strip())));
    }

    private void battery(Sender sender) {
        Flow row = new Flow(
                Words.quiet("battery fitted"),
                new ValueField(
                        "Battery fitted on",
                        sender.battery()
                                .map(DeviceBattery::fittedOn)
                                .map(LocalDate::toString)
                                .orElse("not known"),
                        typed -> fitted(sender, typed)),
                Tool.of(
                        "Replaced today",
                        "the date is written down",
                        () -> openJob.apply(RadioEdits.battery(sender.pointId(), today()))));
        row.getStyleClass().add("switches");
        about.getChildren().add(row);
        sender.battery()
                .map(its -> its.dueOn(openJob.now().job().practice()))
                .ifPresent(due -> about.getChildren()
                        .add(Words.wrapped(
                                due.isAfter(today())
                                        ? Words.quiet("due on " + due)
                                        : Words.of("finding-says", "was due on " + due))));
    }

    private LocalDate today() {
        return LocalDate.ofInstant(clock.instant(), ZoneId.systemDefault());
    }

    private boolean fitted(Sender sender, String typed) {
        try {
            return openJob.apply(RadioEdits.battery(sender.pointId(), LocalDate.parse(typed.strip())));
        } catch (DateTimeParseException wrong) {
            openJob.tell("\"%s\" is no date; type it as 2026-05-31".formatted(typed));
            return false;
        }
    }

    private void enrolling(RadioState heard, RadioRule rule) {
        about.getChildren().add(Words.title("Enrolling"));
        List<Sender> open = heard.senders().stream()
                .filter(sender -> sender.enrolment().isEmpty())
                .toList();
        heard.next().ifPresent(zone -> about.getChildren().add(Words.wrapped(Words.quiet(next(open, zone)))));
        for (int step = 0; step < rule.enrolling().size(); step++) {
            about.getChildren()
                    .add(Words.wrapped(Words.quiet(
                            "%d. %s".formatted(step + 1, rule.enrolling().get(step)))));
        }
        about.getChildren()
                .add(Words.wrapped(Words.quiet("Supervision time: a device not heard for %d min is reported."
                        .formatted(rule.supervisionMinutes()))));
    }

    /// Devices get their numbers in the order in which they are enrolled: which one has to come next, and
    /// whether the plan can be kept at all.
    private static String next(List<Sender> open, int zone) {
        if (open.isEmpty()) {
            return "The next device would become zone %02d.".formatted(zone);
        }
        Optional<Sender> planned =
                open.stream().filter(sender -> sender.input().zone() == zone).findFirst();
        return planned.map(sender -> "The next device becomes zone %02d: enrol %s.".formatted(zone, sender.title()))
                .orElse(
                        "The next device becomes zone %02d, which the plan has for none of those that are left: delete what is enrolled there first, or change the plan."
                                .formatted(zone));
    }
}
