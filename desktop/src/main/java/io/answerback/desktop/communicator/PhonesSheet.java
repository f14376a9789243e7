package io.answerback.desktop.communicator;

import io.answerback.core.engine.wording.Terms;
import io.answerback.core.model.people.Person;
import io.answerback.core.model.site.Job;
import io.answerback.core.report.JobSignals;
import io.answerback.core.report.message.Notification;
import io.answerback.core.signal.event.EventTable;
import io.answerback.desktop.live.PhonePractice;
import io.answerback.desktop.part.Part;
import io.answerback.desktop.part.Parts;
import io.answerback.desktop.part.Switch;
import io.answerback.desktop.part.Tool;
import io.answerback.desktop.part.Value;
import io.answerback.desktop.part.Words;
import io.answerback.desktop.work.Actions;
import io.answerback.desktop.work.PartSheet;
import io.answerback.desktop.work.WindowState;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/// Phones in the window: they call and write to the communicator, and show what it sends them.
public final class PhonesSheet extends PartSheet {
    /// A phone.
    ///
    /// @param name whose it is
    /// @param number its number
    record Phone(String name, String number) {}

    private final Actions actions;
    private final EventTable events;
    private final PhonePractice practice;
    private final PhonePart phonePart;
    private final PairedUsersPart users;
    private String stranger = "+99900000999";
    private String chosen = "";

    public PhonesSheet(Actions actions, EventTable events, PhonePractice practice) {
        this.actions = actions;
        this.events = events;
        this.practice = practice;
        this.phonePart = new PhonePart(practice);
        this.users = new PairedUsersPart();
    }

    @Override
    public String title() {
        return "Phones";
    }

    @Override
    public String about(WindowState state) {
        return "what people get, and how they work the communicator by text";
    }

    @Override
    public List<Part> beside(WindowState state) {
        List<Part> parts = new ArrayList<>(new UnitStandPart(practice, actions).parts());
        parts.addAll(users.parts(state.job()));
        return parts;
    }

    @Override
    public List<Part> middle(WindowState state) {
        Job job = state.job();
        practice.of(job);
        List<Phone> phones = phones(job);
        Phone phone = phones.stream()
                .filter(its -> its.number().equals(chosen))
                .findFirst()
                .orElse(phones.getFirst());
        List<Part> parts = new ArrayList<>();
        parts.add(Parts.flow(
                        Switch.bare("Phone of", phones, phone, Phone::name, other -> {
                            chosen = other.number();
                            showAgain();
                        }),
                        alarm(state))
                .style("switches")
                .group());
        if (phone.number().equals(stranger)) {
            parts.add(Parts.flow(Words.quiet("Number"), Value.of("Number of this phone", stranger, this::number))
                    .style("switches")
                    .group());
        }
        parts.addAll(phonePart.parts(phone, inputs(state)));
        return parts;
    }

    private List<Phone> phones(Job job) {
        List<Phone> phones = new ArrayList<>();
        job.communicator().people().stream()
                .filter(Person::hasPhone)
                .forEach(person -> phones.add(new Phone(person.name(), person.phone())));
        phones.add(new Phone("Somebody else", stranger));
        return phones;
    }

    private boolean number(String typed) {
        String bare = typed.replaceAll("[ ()/-]", "");
        if (!bare.matches("\\+[0-9]{6,15}")) {
            actions.tell("\"" + typed + "\" is no number; write + and the country code first.");
            return false;
        }
        stranger = bare;
        chosen = bare;
        showAgain();
        return true;
    }

    /// What the selected point sends, to everybody who is told of it by text.
    private Part alarm(WindowState state) {
        return Tool.of(
                "Alarm of %s".formatted(state.point().name()),
                "sends its message to whoever is told of it by text",
                () -> raise(state));
    }

    private void raise(WindowState state) {
        Job job = state.job();
        EventTable words = events.in(Terms.of(job.practice()));
        Optional<JobSignals.Sent> sent =
                JobSignals.whenActive(job, state.point().pointId());
        if (sent.isEmpty()) {
            actions.tell(state.point().name() + " sends nothing yet, so nobody is told.");
            return;
        }
        practice.alarm(Notification.of(job, sent.get().signal(), sent.get().of(), words));
        showAgain();
    }

    /// What each input reads: what is active on the bench is open.
    private static List<String> inputs(WindowState state) {
        return state.job().inputs().stream()
                .filter(input -> input.pointId().isPresent())
                .map(input -> "input %d %s"
                        .formatted(
                                input.number(),
                                state.active().contains(input.pointId().get()) ? "open" : "closed"))
                .distinct()
                .limit(6)
                .toList();
    }
}
