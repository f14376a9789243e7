package io.answerback.desktop.report;

import io.answerback.core.engine.edit.PeopleEdits;
import io.answerback.core.engine.wording.Terms;
import io.answerback.core.model.common.Typed;
import io.answerback.core.model.id.PersonId;
import io.answerback.core.model.people.Notice;
import io.answerback.core.model.people.Person;
import io.answerback.core.model.receiver.EventGroup;
import io.answerback.core.model.site.Job;
import io.answerback.desktop.part.Grid;
import io.answerback.desktop.part.Group;
import io.answerback.desktop.part.Part;
import io.answerback.desktop.part.Press;
import io.answerback.desktop.part.Showable;
import io.answerback.desktop.part.Text;
import io.answerback.desktop.part.Tool;
import io.answerback.desktop.part.Value;
import io.answerback.desktop.part.Words;
import io.answerback.desktop.work.Actions;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.stream.Stream;

/// The people who are told by mail or text message: their rows of the matrix, and how they are reached.
final class PeoplePart {
    private static final String NOT_KNOWN = "not known";

    private final Actions actions;

    PeoplePart(Actions actions) {
        this.actions = actions;
    }

    /// Their rows of the matrix.
    void rows(Job job, Grid.Filling matrix, Terms terms) {
        for (Person person : job.communicator().people()) {
            List<Showable> cells = new ArrayList<>();
            cells.add(Group.column(
                    Words.wrapped(Words.of("told-name", person.name())), Words.wrapped(Words.quiet(reached(person)))));
            for (EventGroup group : EventGroup.values()) {
                cells.add(cell(person, group, terms));
            }
            matrix.line(person.id(), cells);
        }
    }

    private static String reached(Person person) {
        List<String> ways = Stream.of(person.mail(), person.phone())
                .filter(way -> !way.isEmpty())
                .toList();
        return ways.isEmpty() ? "no address yet" : String.join(" · ", ways);
    }

    private Part cell(Person person, EventGroup group, Terms terms) {
        Notice notice = person.of(group);
        String style = notice == Notice.NONE ? "never" : "person";
        return new Press(
                "told-cell told-" + style,
                person.name() + ", " + ToldSheet.title(group, terms) + ": " + notice.words(),
                () -> actions.apply(PeopleEdits.nextNotice(person.id(), group)),
                List.of(Words.of("told-word", notice.shortWords())));
    }

    /// Who of them is told of a group of events, in words; empty when nobody is.
    static String inWords(Job job, EventGroup group) {
        return String.join(
                ", ",
                job.communicator().people().stream()
                        .filter(person -> person.of(group) != Notice.NONE)
                        .map(person -> person.name() + " " + person.of(group).words())
                        .toList());
    }

    /// How they are reached, with a line for one more.
    Part people(Job job) {
        Grid.Filling table = Grid.filling("table", "load-table");
        table.line(Words.title("Who"), Words.title("Mail"), Words.wrapped(Words.title("Text messages")), Text.of(""));
        job.communicator().people().forEach(person -> table.line(person.id(), line(person)));
        table.line(
                "next",
                List.of(
                        Value.of(
                                "Name of the next person",
                                "add somebody",
                                name -> actions.apply(Typed.of(() -> PeopleEdits.add(name)))),
                        Text.of(""),
                        Text.of(""),
                        Text.of("")));
        return table.grid();
    }

    private List<Part> line(Person person) {
        PersonId id = person.id();
        return List.of(
                Value.of(
                                "Name of person " + id,
                                person.name(),
                                typed -> actions.apply(PeopleEdits.of(id, "name", its -> its.withName(typed))))
                        .wrapped(),
                Value.of(
                                "Mail of person " + id,
                                person.hasMail() ? person.mail() : NOT_KNOWN,
                                typed -> actions.apply(
                                        PeopleEdits.of(id, "mail address", its -> its.withMail(known(typed)))))
                        .wrapped(),
                Value.of(
                                "Number of person " + id,
                                person.hasPhone() ? person.phone() : NOT_KNOWN,
                                typed ->
                                        actions.apply(PeopleEdits.of(id, "number", its -> its.withPhone(known(typed)))))
                        .wrapped(),
                Tool.of("Remove", "undo brings them back", () -> actions.apply(PeopleEdits.remove(id))));
    }

    private static String known(String typed) {
        return typed.strip().toLowerCase(Locale.ROOT).equals(NOT_KNOWN) ? "" : typed;
    }
}
