package io.answerback.desktop.report;

import io.answerback.core.engine.edit.ReceiverEdits;
import io.answerback.core.engine.finding.Grade;
import io.answerback.core.engine.wording.Terms;
import io.answerback.core.model.practice.PracticeOption;
import io.answerback.core.model.receiver.EventGroup;
import io.answerback.core.model.receiver.Told;
import io.answerback.core.model.site.Job;
import io.answerback.core.model.site.Receiver;
import io.answerback.core.report.RoutingChecks;
import io.answerback.core.report.routing.Routing;
import io.answerback.core.signal.event.EventTable;
import io.answerback.desktop.part.Grid;
import io.answerback.desktop.part.Group;
import io.answerback.desktop.part.Part;
import io.answerback.desktop.part.Parts;
import io.answerback.desktop.part.Press;
import io.answerback.desktop.part.Showable;
import io.answerback.desktop.part.Text;
import io.answerback.desktop.part.Tool;
import io.answerback.desktop.part.Words;
import io.answerback.desktop.work.Actions;
import io.answerback.desktop.work.PartSheet;
import io.answerback.desktop.work.WindowState;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.stream.Collectors;
import java.util.stream.Stream;

/// Which receiver is told of which events: always, only when the one before is silent, or never.
final class ToldSheet extends PartSheet {
    private final Actions actions;
    private final Runnable receivers;
    private final PeoplePart people;
    private final MessagesPart messages;

    /// @param events the words of events
    /// @param receivers opens the sheet on which receivers are added
    ToldSheet(Actions actions, EventTable events, Runnable receivers) {
        this.actions = actions;
        this.receivers = receivers;
        this.people = new PeoplePart(actions);
        this.messages = new MessagesPart(events);
    }

    @Override
    public String title() {
        return "Who is told what";
    }

    @Override
    public String about(WindowState state) {
        return "press a cell to change it";
    }

    @Override
    public List<Part> beside(WindowState state) {
        return messages.parts(state);
    }

    @Override
    public List<Part> middle(WindowState state) {
        List<Receiver> all = state.job().receivers();
        if (all.isEmpty() && state.job().communicator().people().isEmpty()) {
            return List.of(Words.firstStep(
                    "There is no receiver yet. Add the station's, with its address.",
                    "Add a receiver",
                    "opens the receivers",
                    receivers));
        }
        Terms terms = Terms.of(state.job().practice());
        List<Part> parts = new ArrayList<>();
        parts.add(matrix(state.job(), terms));
        parts.add(legend());
        parts.add(Words.section("In words", "").style("section-ruled"));
        parts.add(inWords(state, terms));
        parts.add(Words.section(
                        "People",
                        "told by the communicator, by mail or text message; tried on \"Messages\" and \"Phones\"")
                .style("section-ruled"));
        parts.add(people.people(state.job()));
        parts.add(Words.section("Usual ways", "one press sets all cells").style("section-ruled"));
        parts.add(Parts.flow(
                        way("Everything to the first", PracticeOption.ALL_TO_ONE, "the others are told nothing"),
                        way(
                                "Alarms to the first, the rest to the second",
                                PracticeOption.SPLIT_BY_CLASS,
                                "alarms, hold-ups, tampers and restores to the first; setting, faults and tests to the second"),
                        way(
                                "The others as backups",
                                PracticeOption.BACKUP_ON_FAILURE,
                                "all to the first; each other one is tried when the one before is silent"))
                .style("switches")
                .group());
        return parts;
    }

    static String title(EventGroup group, Terms terms) {
        String title = terms.in(group.title());
        return title.substring(0, 1).toUpperCase(Locale.ROOT) + title.substring(1);
    }

    private static Part inWords(WindowState state, Terms terms) {
        Job job = state.job();
        Grid.Filling grid = Grid.filling("table").columns(Grid.Column.least(90), Grid.Column.REST);
        for (EventGroup group : EventGroup.values()) {
            String told = Stream.concat(
                            Routing.of(job, group).stream().map(ToldSheet::inWords),
                            Stream.of(PeoplePart.inWords(job, group)).filter(its -> !its.isEmpty()))
                    .collect(Collectors.joining("; and "));
            grid.line(
                    group,
                    List.of(
                            Words.whole(Words.quiet(title(group, terms))),
                            Words.wrapped(told.isEmpty() ? nobody(state, group) : Text.of(told))));
        }
        return grid.grid();
    }

    /// As loud as the finding that says the same.
    private static Text nobody(WindowState state, EventGroup group) {
        boolean judged = state.assessment().findings().stream()
                .filter(finding -> finding.grade() != Grade.NOTE)
                .anyMatch(finding -> finding.id().equals(RoutingChecks.toldNobody(group)));
        return Words.of(judged ? "printed-problem" : "quiet", "nobody");
    }

    private static String inWords(Routing.Destination destination) {
        return destination.receivers().stream()
                .map(Receiver::name)
                .collect(Collectors.joining(", and if it is silent "));
    }

    private Tool way(String words, PracticeOption way, String hint) {
        return Tool.of(words, hint, () -> actions.apply(ReceiverEdits.way(way)));
    }

    private Part matrix(Job job, Terms terms) {
        Grid.Filling grid = Grid.filling("table", "told-matrix");
        grid.columns(Grid.Column.REST);
        List<Showable> head = new ArrayList<>(List.of(Words.quiet("")));
        for (EventGroup group : EventGroup.values()) {
            head.add(Words.whole(Words.of("told-head", title(group, terms))));
        }
        grid.line("head", head);
        for (Receiver receiver : job.receivers()) {
            List<Showable> cells = new ArrayList<>();
            cells.add(Group.column(
                    Words.wrapped(Words.of("told-name", receiver.name())), Words.wrapped(Words.quiet(way(receiver)))));
            for (EventGroup group : EventGroup.values()) {
                cells.add(cell(receiver, group, terms));
            }
            grid.line(receiver.id(), cells);
        }
        people.rows(job, grid, terms);
        return grid.grid();
    }

    private static String way(Receiver receiver) {
        String address = receiver.address();
        return receiver.format().words() + (address.isEmpty() ? ", no address yet" : " · " + address);
    }

    private Part cell(Receiver receiver, EventGroup group, Terms terms) {
        Told told = receiver.reception().of(group);
        String says = receiver.name() + ", " + title(group, terms) + ": " + told.words();
        return new Press(
                "told-cell told-" + told.name().toLowerCase(Locale.ROOT),
                says,
                () -> actions.apply(ReceiverEdits.told(receiver.id(), group, told.next())),
                List.of(Words.of("told-word", told.shortWords())));
    }

    private static Part legend() {
        return Words.wrapped(
                Words.quiet(
                        "always: told of each event. backup: tried when the receiver before it in the list does not answer. mail, text, both: how a person is told. –: not told."));
    }
}
