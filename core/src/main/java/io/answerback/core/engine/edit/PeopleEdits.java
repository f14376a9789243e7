package io.answerback.core.engine.edit;

import io.answerback.core.model.common.Text;
import io.answerback.core.model.id.PersonId;
import io.answerback.core.model.people.Person;
import io.answerback.core.model.receiver.EventGroup;
import io.answerback.core.model.site.Edit;
import io.answerback.core.model.site.Job;
import java.util.ArrayList;
import java.util.List;
import java.util.function.UnaryOperator;

/// Edits to the people who are told of events. All refuse what cannot be with [IllegalArgumentException] when
/// applied.
public final class PeopleEdits {
    private PeopleEdits() {}

    /// Another person, after the others, told of nothing yet.
    public static Edit add(String name) {
        return new Edit("person", job -> {
            List<Person> people = new ArrayList<>(job.communicator().people());
            people.add(Person.called(freeId(job), name));
            return with(job, people);
        });
    }

    private static PersonId freeId(Job job) {
        for (int number = 1; ; number++) {
            PersonId id = new PersonId("P" + number);
            if (job.communicator().people().stream().noneMatch(its -> its.id().equals(id))) {
                return id;
            }
        }
    }

    /// Removes a person.
    public static Edit remove(PersonId id) {
        return new Edit("removal of person " + id, job -> {
            required(job, id);
            return with(
                    job,
                    job.communicator().people().stream()
                            .filter(person -> !person.id().equals(id))
                            .toList());
        });
    }

    /// A change of one person.
    ///
    /// @param what what is changed, as the undo menu says it, such as "number"
    public static Edit of(PersonId id, String what, UnaryOperator<Person> change) {
        return new Edit(what + " of person " + id, job -> {
            required(job, id);
            return with(
                    job,
                    job.communicator().people().stream()
                            .map(person -> person.id().equals(id) ? change.apply(person) : person)
                            .toList());
        });
    }

    /// How a person is told of a group of events: the next of the ways that lead to them. Refused while nothing
    /// does.
    public static Edit nextNotice(PersonId id, EventGroup group) {
        return of(id, "events told", person -> {
            if (!person.hasMail() && !person.hasPhone()) {
                throw new IllegalArgumentException(
                        Text.of("nothing reaches %s yet; give a mail address or a phone number first", person.name()));
            }
            return person.withTold(group, person.of(group).next(person.hasMail(), person.hasPhone()));
        });
    }

    private static Person required(Job job, PersonId id) {
        return job.communicator().people().stream()
                .filter(person -> person.id().equals(id))
                .findFirst()
                .orElseThrow(() -> new IllegalArgumentException("there is no person " + id + " in this job"));
    }

    private static Job with(Job job, List<Person> people) {
        return job.withCommunicator(job.communicator().withPeople(people));
    }
}
