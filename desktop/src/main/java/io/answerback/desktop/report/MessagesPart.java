package io.answerback.desktop.report;

import io.answerback.core.engine.wording.Terms;
import io.answerback.core.model.common.Text;
import io.answerback.core.model.people.Notice;
import io.answerback.core.model.people.Person;
import io.answerback.core.model.receiver.EventGroup;
import io.answerback.core.model.site.Job;
import io.answerback.core.report.JobSignals;
import io.answerback.core.report.message.Message;
import io.answerback.core.report.message.TextLength;
import io.answerback.core.signal.event.EventTable;
import io.answerback.desktop.part.Part;
import io.answerback.desktop.part.Parts;
import io.answerback.desktop.part.Words;
import io.answerback.desktop.work.WindowState;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/// What people are sent when the selected point becomes active.
final class MessagesPart {
    private final EventTable events;

    MessagesPart(EventTable events) {
        this.events = events;
    }

    /// The messages; nothing for a job that tells no people.
    List<Part> parts(WindowState state) {
        Job job = state.job();
        if (job.communicator().people().isEmpty()) {
            return List.of();
        }
        List<Part> parts = new ArrayList<>();
        parts.add(Words.title("What people are sent"));
        Optional<JobSignals.Sent> sent =
                JobSignals.whenActive(job, state.point().pointId());
        if (sent.isEmpty()) {
            parts.add(Words.wrapped(Words.quiet(state.point().name() + " sends nothing yet.")));
            return parts;
        }
        EventTable words = events.in(Terms.of(job.practice()));
        EventGroup group = words.group(sent.get().signal());
        Message message = Message.of(job, sent.get().signal(), sent.get().of(), words);
        List<Person> told = job.communicator().people().stream()
                .filter(person -> person.of(group) != Notice.NONE)
                .toList();
        if (told.isEmpty()) {
            parts.add(Words.wrapped(Words.quiet("Nobody is told of this by mail or text message.")));
            return parts;
        }
        parts.add(Parts.column(Words.wrapped(message.text())).style("printed").group());
        told.forEach(person -> parts.add(
                Words.wrapped(Words.quiet(person.name() + " " + person.of(group).words()))));
        if (told.stream().anyMatch(person -> person.of(group).byText())) {
            parts.add(Words.wrapped(Words.quiet(length(TextLength.of(message.text())))));
        }
        return parts;
    }

    private static String length(TextLength length) {
        String parts = length.parts() == 1 ? "one text message" : Text.of("%d text messages", length.parts());
        return length.basic()
                ? Text.of("%s, %d of the 160 letters of one", parts, length.units())
                : Text.of(
                        "%s, %d letters: %s is outside the basic alphabet, so that one holds 70",
                        parts, length.units(), length.outside());
    }
}
