package io.answerback.core.model.people;

import io.answerback.core.model.common.Require;
import io.answerback.core.model.common.Text;
import io.answerback.core.model.id.PersonId;
import io.answerback.core.model.receiver.EventGroup;
import io.soabase.recordbuilder.core.RecordBuilder;
import java.util.Collections;
import java.util.EnumMap;
import java.util.Map;

/// Somebody who is told of events by mail or text message.
///
/// @param id what the job knows them by
/// @param name who it is, as a name or a title such as "Manager"
/// @param mail the mail address; empty while not known
/// @param phone the number text messages go to, with its country code, such as +990000000001; empty while not
///     known
/// @param told how they are told of each group of events; a group that is missing is not told
@RecordBuilder
public record Person(PersonId id, String name, String mail, String phone, Map<EventGroup, Notice> told)
        implements PersonBuilder.With {
    private static final String MAIL = "[^@\\s,;<>\"]{1,64}@[A-Za-z0-9.-]{1,190}";
    private static final String PHONE = "\\+[0-9]{6,15}";

    /// @throws IllegalArgumentException when the name is blank, the mail address is none, or the number does
    ///     not begin with + and a country code and have 6 to 15 digits (ITU-T E.164)
    public Person {
        Require.given(id, "id of a person");
        name = Require.text(name, "name of person " + id);
        mail = mail == null ? "" : mail.strip();
        if (!mail.isEmpty() && !mail.matches(MAIL)) {
            throw new IllegalArgumentException(
                    Text.of("mail address of %s is \"%s\"; write it as name@example.com", name, mail));
        }
        phone = phone == null ? "" : phone.replaceAll("[ ()/-]", "");
        if (!phone.isEmpty() && !phone.matches(PHONE)) {
            throw new IllegalArgumentException(Text.of(
                    "number of %s is \"%s\"; write + and the country code first, 6 to 15 digits in all", name, phone));
        }
        Map<EventGroup, Notice> given = new EnumMap<>(EventGroup.class);
        given.putAll(told == null ? Map.of() : told);
        given.values().removeIf(its -> its == Notice.NONE);
        told = Collections.unmodifiableMap(given);
    }

    /// Somebody of whom only the name is known, told of nothing.
    public static Person called(PersonId id, String name) {
        return new Person(id, name, "", "", Map.of());
    }

    /// How they are told of a group of events.
    public Notice of(EventGroup group) {
        return told.getOrDefault(group, Notice.NONE);
    }

    /// Whether they are told of anything by mail.
    public boolean toldByMail() {
        return told.values().stream().anyMatch(Notice::byMail);
    }

    /// Whether mails reach them.
    public boolean hasMail() {
        return !mail.isEmpty();
    }

    /// Whether text messages reach them.
    public boolean hasPhone() {
        return !phone.isEmpty();
    }

    /// The same, told of a group of events in another way.
    public Person withTold(EventGroup group, Notice notice) {
        Map<EventGroup, Notice> other = new EnumMap<>(EventGroup.class);
        other.putAll(told);
        other.put(group, notice);
        return new Person(id, name, mail, phone, other);
    }
}
