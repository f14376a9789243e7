package io.answerback.desktop.handover;

import io.answerback.core.engine.edit.ServiceEdits;
import io.answerback.core.model.common.Typed;
import io.answerback.core.model.service.LeftOut;
import io.answerback.core.model.service.PartUsed;
import io.answerback.core.model.service.Visit;
import io.answerback.core.model.service.VisitKind;
import io.answerback.core.prove.acceptance.AcceptancePlan;
import io.answerback.core.work.servicing.Drift;
import io.answerback.core.work.servicing.ServicePlan;
import io.answerback.core.work.servicing.ServiceTask;
import io.answerback.core.work.servicing.ShownOnVisit;
import io.answerback.core.work.servicing.Trend;
import io.answerback.desktop.part.Choice;
import io.answerback.desktop.part.Group;
import io.answerback.desktop.part.Part;
import io.answerback.desktop.part.Parts;
import io.answerback.desktop.part.Rows;
import io.answerback.desktop.part.Tool;
import io.answerback.desktop.part.Value;
import io.answerback.desktop.part.With;
import io.answerback.desktop.part.Words;
import io.answerback.desktop.work.Actions;
import io.answerback.desktop.work.Engineer;
import io.answerback.desktop.work.PartSheet;
import io.answerback.desktop.work.WindowState;
import java.time.InstantSource;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import java.util.Optional;

/// The visits of the job, and what the next one has to do.
final class VisitsSheet extends PartSheet {
    private static final double WHY_WIDTH = 110;
    private static final double WHAT_WIDTH = 290;

    private final Actions actions;
    private final Engineer engineer;
    private final LogBook log;
    private final RateBook rates;
    private final InstantSource clock;
    private Optional<VisitKind> chosenKind = Optional.empty();
    private String reason = "";

    VisitsSheet(Actions actions, Engineer engineer, LogBook log, RateBook rates, InstantSource clock) {
        this.actions = actions;
        this.engineer = engineer;
        this.log = log;
        this.rates = rates;
        this.clock = clock;
    }

    @Override
    public String title() {
        return "Visits";
    }

    @Override
    public String about(WindowState state) {
        int tasks = state.assessment().get(ServicePlan.FACT).size();
        return "%d so far · %d things for the next one"
                .formatted(state.job().service().visits().size(), tasks);
    }

    @Override
    public List<Part> middle(WindowState state) {
        List<Part> parts = new ArrayList<>();
        Optional<Visit> now = state.job().service().now();
        parts.add(now.map(this::onVisit).orElseGet(this::beginning));
        List<With> rows = new ArrayList<>();
        rows.add(Words.title("What a service visit has to do").keyed("tasks"));
        List<ServiceTask> tasks = state.assessment().get(ServicePlan.FACT);
        for (int i = 0; i < tasks.size(); i++) {
            rows.add(task(tasks.get(i)).keyed("task " + i));
        }
        parts.add(new Rows("What a service visit has to do", rows, -1).growing().asPart());
        return parts;
    }

    /// The first visit is an installation, every other a service, unless somebody says otherwise.
    private VisitKind kind() {
        return chosenKind.orElse(
                actions.now().job().service().visits().isEmpty() ? VisitKind.INSTALL : VisitKind.SERVICE);
    }

    private Part beginning() {
        return Parts.flow(
                        Choice.of("What for", Arrays.asList(VisitKind.values()), kind(), VisitKind::words, chosen -> {
                            chosenKind = Optional.of(chosen);
                            showAgain();
                        }),
                        Value.of("Reason of the visit", reason.isEmpty() ? "why" : reason, typed -> {
                            reason = typed.strip();
                            showAgain();
                            return true;
                        }),
                        Words.quiet("Done by"),
                        engineer.value(actions, this::showAgain),
                        Tool.primary("Begin the visit", this::begin))
                .style("switches")
                .group();
    }

    private void begin() {
        engineer.then(
                actions,
                "Done by",
                by -> actions.apply(Typed.of(() -> ServiceEdits.begin(kind(), reason, by, clock.instant()))));
        reason = "";
        chosenKind = Optional.empty();
    }

    private Part onVisit(Visit visit) {
        return Group.column(List.of(
                Words.of(
                        "told-name",
                        "On visit %d: %s, by %s"
                                .formatted(visit.number(), visit.kind().words(), visit.by())),
                Parts.flow(
                                Words.quiet("Used"),
                                Value.of("Part that was used", "2 pieces resistor 4k7", this::used),
                                Words.quiet("Left out"),
                                Value.of("What is left out, and why", "what: why", this::leftOut),
                                Words.quiet("Next visit"),
                                Value.of(
                                        "Day of the next visit",
                                        visit.nextDue().map(LocalDate::toString).orElse("by the rules"),
                                        this::nextDue),
                                Tool.primary("End the visit", () -> end(visit)))
                        .style("switches")
                        .group()));
    }

    private boolean used(String typed) {
        String[] words = typed.strip().split("\\s+", 3);
        if (words.length < 3) {
            actions.tell(
                    "Type how much, in which unit, and of what: \"2 pieces resistor 4k7\", \"12 m cable 8-core\".");
            return false;
        }
        return actions.apply(Typed.of(() -> {
            double quantity = Double.parseDouble(words[0].replace(',', '.'));
            return ServiceEdits.used(new PartUsed(words[2], quantity, words[1]));
        }));
    }

    private boolean leftOut(String typed) {
        String[] parts = typed.split(":", 2);
        if (parts.length < 2) {
            actions.tell("Type what is left out, a colon, and why: \"cover of 05: no ladder today\".");
            return false;
        }
        return actions.apply(Typed.of(() -> ServiceEdits.leftOut(new LeftOut(parts[0], parts[1].strip()))));
    }

    private boolean nextDue(String typed) {
        return actions.apply(Typed.of(() -> {
            try {
                return ServiceEdits.nextDue(Optional.of(LocalDate.parse(typed.strip())));
            } catch (java.time.DateTimeException wrong) {
                throw new IllegalArgumentException("a day is typed as 2027-05-31", wrong);
            }
        }));
    }

    private void end(Visit visit) {
        log.since(visit.begin(), changes -> {
            actions.apply(ServiceEdits.end(clock.instant(), changes));
            rates.keep(actions.now().job());
        });
    }

    private static Part task(ServiceTask task) {
        return Group.row(
                        Words.of("code", task.why().words()).wide(WHY_WIDTH),
                        Words.wrapped(Words.of("told-name", task.what())).wide(WHAT_WIDTH),
                        Words.wrapped(Words.quiet(task.because())).growing())
                .style("plan-row", "kept-row");
    }

    @Override
    public List<Part> beside(WindowState state) {
        List<Part> parts = new ArrayList<>();
        parts.add(Words.title("So far"));
        List<Visit> visits = state.job().service().visits();
        if (visits.isEmpty()) {
            parts.add(Words.quiet("No visit was noted yet."));
        }
        visits.reversed().forEach(visit -> parts.addAll(past(state, visit)));
        List<Trend> drift = state.assessment().get(Drift.FACT);
        parts.add(Words.title("What drifts"));
        if (drift.isEmpty()) {
            parts.add(Words.wrapped(Words.quiet("Nothing that was read on two visits has changed.")));
        }
        drift.forEach(trend -> {
            parts.add(Words.wrapped(Words.of("told-name", trend.of())));
            parts.add(Words.wrapped(Words.quiet(trend.words())));
        });
        return parts;
    }

    private static List<Part> past(WindowState state, Visit visit) {
        List<Part> parts = new ArrayList<>();
        String day = visit.begin().toString().substring(0, 10);
        parts.add(Words.wrapped(Words.of(
                "told-name",
                "%d · %s · %s · %s".formatted(visit.number(), day, visit.kind().words(), visit.by()))));
        List<String> more = new ArrayList<>();
        if (!visit.reason().isEmpty()) {
            more.add(visit.reason());
        }
        if (!visit.changes().isEmpty()) {
            more.add("changed: " + String.join(", ", visit.changes()));
        }
        int shown = ShownOnVisit.titles(
                        visit, state.job().acceptance(), state.assessment().get(AcceptancePlan.STATES))
                .size();
        if (shown > 0) {
            more.add(shown + " lines of the plan shown");
        }
        visit.parts()
                .forEach(part -> more.add(String.format(
                        Locale.ROOT, "used %s %s %s", figure(part.quantity()), part.unit(), part.what())));
        visit.leftOut().forEach(out -> more.add("left out " + out.what() + ": " + out.why()));
        parts.add(Words.wrapped(Words.quiet((more.isEmpty() ? "nothing noted" : String.join(" · ", more))
                + (visit.open() ? " · not ended yet" : ""))));
        return parts;
    }

    private static String figure(double quantity) {
        return quantity == Math.rint(quantity)
                ? String.format(Locale.ROOT, "%.0f", quantity)
                : String.format(Locale.ROOT, "%.1f", quantity);
    }
}
