package io.answerback.desktop.live;

import io.answerback.core.model.people.Notice;
import io.answerback.core.model.site.Job;
import io.answerback.core.model.unit.TextControl;
import io.answerback.core.model.unit.Unit;
import io.answerback.core.model.unit.UnitProfile;
import io.answerback.core.report.control.Feedback;
import io.answerback.core.report.control.UnitModel;
import io.answerback.core.report.control.UnitState;
import io.answerback.core.report.control.UnitStep;
import io.answerback.core.report.message.Notification;
import java.time.Instant;
import java.time.InstantSource;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import javafx.beans.property.ReadOnlyLongProperty;
import javafx.beans.property.ReadOnlyLongWrapper;

/// Phones that call and write to the model of a communicator, and get its answers. What is sent to people goes by
/// the stand-in for text messages and arrives on their phones from there. Called on the JavaFX thread; nothing of
/// it is kept in a job.
public final class PhonePractice {
    private final InstantSource clock;
    private final MessageSession messages;
    private final List<PhoneLine> lines = new ArrayList<>();
    private final ReadOnlyLongWrapper changes = new ReadOnlyLongWrapper();
    private Optional<UnitProfile> unit = Optional.empty();
    private Optional<UnitState> state = Optional.empty();
    private Feedback feedback = Feedback.KNOWN;
    private String says = "";

    /// Nobody has called yet.
    public PhonePractice(InstantSource clock, MessageSession messages) {
        this.clock = clock;
        this.messages = messages;
        messages.onText(text -> add(new PhoneLine(text.to(), false, text.text(), text.at())));
    }

    /// Works the unit of a job; another make begins as it comes from its carton.
    public void of(Job job) {
        feedback = Feedback.of(job);
        Optional<UnitProfile> other = job.communicator().unit().map(Unit::profile);
        if (!other.equals(unit)) {
            unit = other;
            begin();
        }
    }

    /// The unit as it comes from its carton, and phones without a line.
    public void anew() {
        begin();
        changed();
    }

    /// Says nothing to those who show it: it is asked for while a sheet is shown.
    private void begin() {
        state = control().map(TextControl::factoryPassword).map(UnitState::fresh);
        lines.clear();
        says = "";
    }

    /// How the unit is worked; empty for one that is not worked by text.
    public Optional<TextControl> control() {
        return unit.flatMap(UnitProfile::control);
    }

    /// How the unit stands; empty for one that is not worked by text.
    public Optional<UnitState> state() {
        return state;
    }

    /// What it did last and why; empty before anything.
    public String says() {
        return says;
    }

    /// The lines on the phone of a number, oldest first.
    public List<PhoneLine> linesOf(String number) {
        return lines.stream().filter(line -> line.number().equals(number)).toList();
    }

    /// What happens before a number calls or writes that would make it the administrator; empty when it would not.
    public Optional<String> warning(String number) {
        return state.flatMap(now -> model().warning(now, number));
    }

    /// A number calls.
    public void call(String number) {
        add(new PhoneLine(number, true, "calls", clock.instant()));
        state.ifPresent(now -> take(model().call(now, number)));
    }

    /// A number writes.
    ///
    /// @param inputs what each input reads, in words, for a status
    public void text(String number, String text, List<String> inputs) {
        Instant at = clock.instant();
        add(new PhoneLine(number, true, text, at));
        state.ifPresent(now -> take(model().text(now, number, text, at, inputs)));
    }

    /// An alarm: whoever is told of it by text gets one.
    public void alarm(List<Notification> notifications) {
        List<Notification> byText =
                notifications.stream().filter(its -> its.way() == Notice.TEXT).toList();
        String text = byText.isEmpty() ? "" : byText.getFirst().message().text();
        List<String> numbers = byText.stream().map(Notification::to).toList();
        UnitStep step = UnitModel.alarm(state.orElseGet(() -> UnitState.fresh("")), text, numbers);
        state = state.map(now -> step.state());
        says = step.says();
        send(step);
        changed();
    }

    private UnitModel model() {
        return new UnitModel(control().orElseThrow(), feedback);
    }

    private void take(UnitStep step) {
        state = Optional.of(step.state());
        says = step.says();
        send(step);
        changed();
    }

    private void send(UnitStep step) {
        step.replies()
                .forEach(reply -> messages.text(reply.to(), reply.text(), outcome -> {
                    if (!outcome.remedy().isEmpty()) {
                        says = outcome.says();
                        changed();
                    }
                }));
    }

    private void add(PhoneLine line) {
        lines.add(line);
        changed();
    }

    /// Grows whenever something changed that a sheet may show.
    public ReadOnlyLongProperty changes() {
        return changes.getReadOnlyProperty();
    }

    /// Shows again what was changed on a phone without sending it.
    public void again() {
        changed();
    }

    private void changed() {
        changes.set(changes.get() + 1);
    }
}
