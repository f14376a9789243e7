package io.answerback.desktop.handover;

import io.answerback.core.engine.edit.ServiceEdits;
import io.answerback.core.model.common.Typed;
import io.answerback.core.model.service.HandedOver;
import io.answerback.core.model.service.Instructed;
import io.answerback.core.model.service.Instructed.Topic;
import io.answerback.core.work.servicing.Leaving;
import io.answerback.core.work.servicing.LeavingCheck;
import io.answerback.desktop.part.Check;
import io.answerback.desktop.part.Group;
import io.answerback.desktop.part.Marks;
import io.answerback.desktop.part.Part;
import io.answerback.desktop.part.Parts;
import io.answerback.desktop.part.Tool;
import io.answerback.desktop.part.Value;
import io.answerback.desktop.part.Words;
import io.answerback.desktop.work.Actions;
import io.answerback.desktop.work.Engineer;
import io.answerback.desktop.work.PartSheet;
import io.answerback.desktop.work.WindowState;
import java.time.InstantSource;
import java.util.ArrayList;
import java.util.EnumSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;

/// What is looked at before the site is left, who was shown how, and what the client was given.
final class LeavingSheet extends PartSheet {
    private static final double TITLE_WIDTH = 300;

    private final Actions actions;
    private final Engineer engineer;
    private final LeavingPart leaving;
    private final InstantSource clock;
    private String person = "";
    private String given = "";

    LeavingSheet(Actions actions, Engineer engineer, LeavingPart leaving, InstantSource clock) {
        this.actions = actions;
        this.engineer = engineer;
        this.leaving = leaving;
        this.clock = clock;
    }

    @Override
    public String title() {
        return "Leave nothing behind";
    }

    @Override
    public String about(WindowState state) {
        List<LeavingCheck> checks = state.assessment().get(Leaving.FACT);
        return "%d of %d well"
                .formatted(checks.stream().filter(LeavingCheck::well).count(), checks.size());
    }

    @Override
    public List<Part> middle(WindowState state) {
        List<Part> parts = new ArrayList<>();
        parts.add(Parts.flow(Words.quiet("Done by"), engineer.value(actions, this::showAgain))
                .style("switches")
                .group());
        state.assessment().get(Leaving.FACT).forEach(check -> parts.add(row(check)));
        parts.add(Words.title("Shown how"));
        parts.addAll(people(state));
        parts.add(Words.title("Handed over"));
        parts.addAll(handedOver(state));
        return parts;
    }

    private Part row(LeavingCheck check) {
        Parts row = Parts.row(
                Marks.of(check.mark(), check.mark().word()),
                Words.wrapped(Words.of("told-name", check.title())).wide(TITLE_WIDTH),
                Words.wrapped(Words.quiet(check.says())).growing());
        if (check.byEye()) {
            row.add(Tool.of(check.well() ? "Take back" : "Checked", check.title(), () -> leaving.turn(check)));
        }
        return row.style("plan-row", "kept-row").group();
    }

    private List<Part> people(WindowState state) {
        List<Part> parts = new ArrayList<>();
        List<Instructed> people = state.job().service().instructed();
        parts.add(Parts.flow(
                        Words.quiet("A person of the client"),
                        Value.of("Person who is shown how", person.isEmpty() ? "name" : person, typed -> {
                            person = typed.strip();
                            showAgain();
                            return true;
                        }))
                .style("switches")
                .group());
        if (!person.isEmpty()) {
            Optional<Instructed> known =
                    people.stream().filter(its -> its.name().equals(person)).findFirst();
            Parts topics = Parts.flow();
            for (Topic topic : Topic.values()) {
                boolean on = known.filter(its -> its.topics().contains(topic)).isPresent();
                topics.add(new Check(topic.words(), on, now -> shown(known, topic, now)));
            }
            parts.add(topics.style("switches").group());
        }
        people.forEach(its -> parts.add(Words.wrapped(Words.quiet("%s: %s, by %s"
                .formatted(
                        its.name(),
                        its.topics().stream().sorted().map(Topic::words).collect(Collectors.joining(", ")),
                        its.by())))));
        return parts;
    }

    private void shown(Optional<Instructed> known, Topic topic, boolean on) {
        Set<Topic> topics = EnumSet.noneOf(Topic.class);
        known.ifPresent(its -> topics.addAll(its.topics()));
        if (on) {
            topics.add(topic);
        } else {
            topics.remove(topic);
        }
        engineer.then(
                actions,
                "Done by",
                by -> actions.apply(ServiceEdits.instructed(new Instructed(person, topics, by, clock.instant()))));
        showAgain();
    }

    private List<Part> handedOver(WindowState state) {
        List<Part> parts = new ArrayList<>();
        parts.add(Parts.flow(
                        Words.quiet("Key, code or document"),
                        Value.of("What is handed over", given.isEmpty() ? "what" : given, typed -> {
                            given = typed.strip();
                            showAgain();
                            return true;
                        }),
                        Words.quiet("to"),
                        Value.of("Who is given it", "whom", this::hand),
                        Words.quiet("never the digits of a code"))
                .style("switches")
                .group());
        state.job()
                .service()
                .handedOver()
                .forEach(its -> parts.add(
                        Words.wrapped(Words.quiet("%s to %s, by %s".formatted(its.what(), its.to(), its.by())))));
        return parts;
    }

    private boolean hand(String to) {
        boolean made = engineer.then(
                actions,
                "Done by",
                by -> actions.apply(
                        Typed.of(() -> ServiceEdits.handedOver(new HandedOver(given, to, by, clock.instant())))));
        if (made) {
            given = "";
        }
        return made;
    }

    @Override
    public List<Part> beside(WindowState state) {
        return List.of(
                Group.column(
                        List.of(
                                Words.title("Why each"),
                                Words.wrapped(
                                        Words.quiet(
                                                "An account that is left on test sends nobody. A service keypad that stays learned answers for"
                                                        + " nobody. A zone that is linked out watches nothing. Each is asked anew on every visit.")))),
                Words.caution("Only a licensed person opens the mains side to put its cover on."));
    }
}
