package io.answerback.desktop.bus;

import io.answerback.core.loop.radio.RadioEdits;
import io.answerback.core.loop.radio.RadioState;
import io.answerback.core.loop.radio.Sender;
import io.answerback.core.model.common.Text;
import io.answerback.core.model.id.PointId;
import io.answerback.core.model.power.DeviceBattery;
import io.answerback.core.model.profile.RadioRule;
import io.answerback.core.model.site.Enrolment;
import io.answerback.core.model.site.Point;
import io.answerback.core.survey.capacity.CapacityEdits;
import io.answerback.desktop.part.Group;
import io.answerback.desktop.part.Parts;
import io.answerback.desktop.part.Tool;
import io.answerback.desktop.part.Value;
import io.answerback.desktop.part.Words;
import io.answerback.desktop.work.Actions;
import io.answerback.desktop.work.FilledSheet;
import io.answerback.desktop.work.WindowState;
import java.time.InstantSource;
import java.time.LocalDate;
import java.time.ZoneId;
import java.time.format.DateTimeParseException;
import java.util.List;
import java.util.Optional;

/// What the panel hears by radio: each device and converter with its zone, how it is enrolled, how strongly it
/// came in, and when its battery is due.
final class RadioSheet extends FilledSheet {
    private final Actions actions;
    private final InstantSource clock;
    private final Parts about = Parts.column();

    RadioSheet(Actions actions, InstantSource clock) {
        this.actions = actions;
        this.clock = clock;
        about.style("gaps");
        instrument.set(about);
    }

    @Override
    public String title() {
        return "What the panel hears";
    }

    @Override
    public String about(WindowState state) {
        int senders = state.assessment().get(RadioState.FACT).senders().size();
        return senders == 0 ? "" : "signal at the test, every door shut";
    }

    @Override
    protected void show(WindowState state) {
        RadioState heard = state.assessment().get(RadioState.FACT);
        sheet.clear();
        about.clear();
        if (heard.rule().isEmpty()) {
            empty("This panel's profile says nothing of radio: nothing on this job is heard by it.");
            return;
        }
        waiting(state).ifPresent(sheet::add);
        if (heard.senders().isEmpty()) {
            empty("Nothing sends by radio yet. Type a wireless point on the survey (Ctrl+1), or fit a converter.");
        } else {
            sheet.add(new HeardDrawing(actions, clock, heard, state.selected()));
        }
        heard.leftover().forEach(left -> sheet.add(leftover(left)));
        heard.of(state.selected()).ifPresent(this::selected);
        enrolling(heard, heard.rule().get());
    }

    private void empty(String why) {
        sheet.add(Words.empty(why));
    }

    /// Wireless points that have no zone yet.
    private Optional<Group> waiting(WindowState state) {
        List<PointId> without = state.job().points().stream()
                .filter(point ->
                        point.kind().radio() && state.job().inputOf(point.id()).isEmpty())
                .map(Point::id)
                .toList();
        if (without.isEmpty()) {
            return Optional.empty();
        }
        Parts row = Parts.flow(Words.wrapped(Words.quiet("Without a wireless zone: " + Text.listed(without))));
        without.forEach(id -> row.add(Tool.of(
                "Zone for " + id,
                "the lowest wireless zone that is free",
                () -> actions.apply(CapacityEdits.giveInput(id)))));
        row.style("switches");
        return Optional.of(row.group());
    }

    private Group leftover(Enrolment left) {
        Parts row = Parts.flow(
                Words.wrapped(Words.of(
                        "finding-says", "Zone %02d is enrolled, and nothing on this job is it".formatted(left.zone()))),
                Tool.of(
                        "Deleted in the panel",
                        "the panel no longer expects it",
                        () -> actions.apply(RadioEdits.delete(left.inputId()))));
        row.style("switches");
        return row.group();
    }

    private void selected(Sender sender) {
        about.add(Words.wrapped(Words.title(sender.title())));
        Parts tools = Parts.flow();
        tools.style("switches");
        sender.enrolment()
                .ifPresentOrElse(
                        its -> enrolled(sender, its, tools),
                        () -> tools.add(Tool.of(
                                "Enrolled now",
                                "the panel gives it the zone its way of numbering gives",
                                () -> actions.apply(
                                        RadioEdits.enrol(sender.input().id())))));
        sender.reading()
                .ifPresent(reading -> tools.add(Tool.of(
                        "Take the reading back",
                        "its signal is not measured then",
                        () -> actions.apply(RadioEdits.unheard(reading)))));
        about.add(tools);
        if (sender.converter().isEmpty()) {
            battery(sender);
        }
    }

    private void enrolled(Sender sender, Enrolment its, Parts tools) {
        about.add(Words.wrapped(
                Words.quiet("Enrolled as number %d; the panel shows it as zone".formatted(sender.order()))));
        tools.add(Value.of("Zone the panel shows", "%02d".formatted(its.zone()), typed -> under(sender, typed)));
        if (sender.outOfPlace()) {
            tools.add(Tool.of(
                    "Plan zone %02d for it".formatted(its.zone()),
                    "the plan takes the panel's number with what is programmed; whoever is planned there takes this one's",
                    () -> actions.apply(RadioEdits.follow(sender.input().id()))));
        }
        tools.add(Tool.of(
                "Deleted in the panel",
                "it is enrolled no more",
                () -> actions.apply(RadioEdits.delete(sender.input().id()))));
    }

    private boolean under(Sender sender, String typed) {
        if (!typed.strip().matches("\\d{1,3}")) {
            actions.tell("\"%s\" is no zone number; type it as 06".formatted(typed));
            return false;
        }
        return actions.apply(RadioEdits.enrolledUnder(sender.input().id(), Integer.parseInt(typed.strip())));
    }

    private void battery(Sender sender) {
        Parts row = Parts.flow(
                Words.quiet("battery fitted"),
                Value.of(
                        "Battery fitted on",
                        sender.battery()
                                .map(DeviceBattery::fittedOn)
                                .map(LocalDate::toString)
                                .orElse("not known"),
                        typed -> fitted(sender, typed)),
                Tool.of(
                        "Replaced today",
                        "the date is written down",
                        () -> actions.apply(RadioEdits.battery(sender.pointId(), today()))));
        row.style("switches");
        about.add(row);
        sender.battery()
                .map(its -> its.dueOn(actions.now().job().practice()))
                .ifPresent(due -> about.add(Words.wrapped(
                        due.isAfter(today())
                                ? Words.quiet("due on " + due)
                                : Words.of("finding-says", "was due on " + due))));
    }

    private LocalDate today() {
        return LocalDate.ofInstant(clock.instant(), ZoneId.systemDefault());
    }

    private boolean fitted(Sender sender, String typed) {
        try {
            return actions.apply(RadioEdits.battery(sender.pointId(), LocalDate.parse(typed.strip())));
        } catch (DateTimeParseException wrong) {
            actions.tell("\"%s\" is no date; type it as 2026-05-31".formatted(typed));
            return false;
        }
    }

    private void enrolling(RadioState heard, RadioRule rule) {
        about.add(Words.title("Enrolling"));
        List<Sender> open = heard.senders().stream()
                .filter(sender -> sender.enrolment().isEmpty())
                .toList();
        heard.next().ifPresent(zone -> about.add(Words.wrapped(Words.quiet(next(open, zone)))));
        for (int step = 0; step < rule.enrolling().size(); step++) {
            about.add(Words.wrapped(
                    Words.quiet("%d. %s".formatted(step + 1, rule.enrolling().get(step)))));
        }
        about.add(Words.wrapped(Words.quiet(
                "Supervision time: a device not heard for %d min is reported.".formatted(rule.supervisionMinutes()))));
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
