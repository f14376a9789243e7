package io.answerback.core.report;

import io.answerback.core.engine.finding.Finding;
import io.answerback.core.engine.finding.Grade;
import io.answerback.core.engine.finding.JobCheck;
import io.answerback.core.engine.finding.Rule;
import io.answerback.core.engine.finding.Stop;
import io.answerback.core.engine.finding.Target;
import io.answerback.core.engine.memo.Facts;
import io.answerback.core.model.people.Notice;
import io.answerback.core.model.people.Person;
import java.util.ArrayList;
import java.util.Collection;
import java.util.List;
import java.util.stream.Stream;

/// People who are told of events by mail or text message, where nothing reaches them.
public final class PeopleChecks implements JobCheck {
    /// A person is to be told of events and has no address for it.
    public static final Rule UNREACHED = new Rule(
            "person-unreached",
            Stop.REPORT,
            Grade.WRONG,
            "A person is to be told of events and has no address for it.",
            "The message has no address, so it is never sent.");
    /// A person is told of nothing.
    public static final Rule TOLD_NOTHING = new Rule(
            "person-told-nothing",
            Stop.REPORT,
            Grade.NOTE,
            "A person is told of nothing.",
            "They wait for messages that nobody sends.");

    @Override
    public List<Rule> rules() {
        return List.of(UNREACHED, TOLD_NOTHING);
    }

    @Override
    public Stream<Finding> check(Facts facts) {
        List<Finding> found = new ArrayList<>();
        for (Person person : facts.communicator().people()) {
            Collection<Notice> ways = person.told().values();
            if (ways.isEmpty()) {
                found.add(nothing(person));
            }
            if (ways.stream().anyMatch(Notice::byMail) && !person.hasMail()) {
                found.add(unreached(person, "mail", "by mail and has no mail address"));
            }
            if (ways.stream().anyMatch(Notice::byText) && !person.hasPhone()) {
                found.add(unreached(person, "text", "by text message and has no number"));
            }
        }
        return found.stream();
    }

    private static Finding unreached(Person person, String way, String words) {
        return UNREACHED
                .finds(
                        new Target.OfCommunicator(),
                        person.name() + " is told " + words,
                        "The message has no address, so it is never sent.",
                        "Write it under \"People\" on \"Who is told\", or tell them in another way.")
                .of(person.id() + ":" + way);
    }

    private static Finding nothing(Person person) {
        return TOLD_NOTHING
                .finds(
                        new Target.OfCommunicator(),
                        person.name() + " is told of nothing",
                        "They wait for messages that nobody sends.",
                        "Press a cell of theirs under \"Who is told\", or remove them.")
                .of(person.id().text());
    }
}
