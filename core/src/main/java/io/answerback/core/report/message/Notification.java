package io.answerback.core.report.message;

import io.answerback.core.model.people.Notice;
import io.answerback.core.model.people.Person;
import io.answerback.core.model.receiver.EventGroup;
import io.answerback.core.model.site.Parts;
import io.answerback.core.signal.event.EventTable;
import io.answerback.core.signal.event.Signal;
import java.util.ArrayList;
import java.util.List;

/// One message to one person.
///
/// @param person who is told
/// @param way by mail or by text message, never both
/// @param message what they are sent
public record Notification(Person person, Notice way, Message message) {
    /// The messages about a signal: to each person in the order of the list, a mail before a text. A person whom
    /// no address is known of is left out; that is a finding.
    ///
    /// @param from what sends it, such as "07 Dock roller door 2"; empty for what is in its words already
    /// @param words the event table in the words of the firm
    public static List<Notification> of(Parts job, Signal signal, String from, EventTable words) {
        EventGroup group = words.group(signal);
        Message message = Message.of(job, signal, from, words);
        List<Notification> all = new ArrayList<>();
        for (Person person : job.communicator().people()) {
            Notice how = person.of(group);
            if (how.byMail() && person.hasMail()) {
                all.add(new Notification(person, Notice.MAIL, message));
            }
            if (how.byText() && person.hasPhone()) {
                all.add(new Notification(person, Notice.TEXT, message));
            }
        }
        return List.copyOf(all);
    }

    /// Where it goes: a mail address or a number.
    public String to() {
        return way == Notice.MAIL ? person.mail() : person.phone();
    }
}
