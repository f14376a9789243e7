package io.answerback.core.handover;

import io.answerback.core.assess.Assessment;
import io.answerback.core.assess.departure.Departure;
import io.answerback.core.assess.departure.Departures;
import io.answerback.core.engine.finding.Finding;
import io.answerback.core.engine.finding.Grade;
import io.answerback.core.engine.finding.Mark;
import io.answerback.core.model.common.Text;
import io.answerback.core.model.service.HandedOver;
import io.answerback.core.model.service.Instructed;
import io.answerback.core.model.service.SiteService;
import io.answerback.core.model.service.Visit;
import io.answerback.core.model.shown.FoundOnWalk;
import io.answerback.core.model.shown.Measured;
import io.answerback.core.model.shown.Showing;
import io.answerback.core.model.site.Job;
import io.answerback.core.paper.Table;
import io.answerback.core.prove.acceptance.AcceptancePlan;
import io.answerback.core.prove.acceptance.LineState;
import io.answerback.core.setup.CodeUnchanged;
import io.answerback.core.work.servicing.DueDate;
import io.answerback.core.work.servicing.DueDates;
import io.answerback.core.work.servicing.ShownOnVisit;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.stream.Collectors;

/// What was shown and how, what is left to do, and deviations, who was shown how, the visits, when somebody comes
/// back, the cautions, and
/// the signatures.
/// @param day the day the pack is made
record ShownSections(Assessment assessment, LocalDate day) {
    private Job job() {
        return assessment.job();
    }

    private String title(String what) {
        return job().site().name() + ": " + what;
    }

    private static String day(java.time.Instant at) {
        return at.toString().substring(0, 10);
    }

    List<PackSection> sections() {
        return List.of(shown(), open(), instructed(), visits(), due(), cautions(), signatures());
    }

    private PackSection shown() {
        List<LineState> plan = assessment.get(AcceptancePlan.STATES);
        List<List<String>> rows = plan.stream().map(ShownSections::line).toList();
        int shown = (int) plan.stream().filter(LineState::shown).count();
        long stale = plan.stream().filter(state -> !state.stale().isEmpty()).count();
        return PackSection.of(
                "shown",
                PackSection.whole(shown, plan.size()),
                Text.of("%d of %d; %d stale", shown, plan.size(), stale),
                new Table(
                        title("what was shown, and how"),
                        List.of("What", "How", "By", "On", "Measured", "Now"),
                        List.of(2.8, 0.9, 0.6, 0.9, 1.2, 2.4),
                        rows,
                        List.of()));
    }

    private static List<String> line(LineState state) {
        String now = state.shown()
                ? "holds"
                : state.found().isPresent() ? "FOUND WRONG" : state.best().isEmpty() ? "NOT SHOWN" : "no longer holds";
        String why = state.found()
                .map(FoundOnWalk::says)
                .orElseGet(() -> String.join("; ", state.stale().isEmpty() ? state.problems() : state.stale()));
        return List.of(
                state.line().title(),
                state.best().map(Showing::way).map(Showing.Way::words).orElse("—"),
                state.best().map(Showing::by).orElse("—"),
                state.best().map(Showing::at).map(ShownSections::day).orElse("—"),
                state.best().map(Showing::measured).orElse(List.of()).stream()
                        .map(Measured::words)
                        .collect(Collectors.joining(", ")),
                why.isEmpty() ? now : now + ": " + why);
    }

    private PackSection open() {
        List<List<String>> rows = new ArrayList<>();
        for (Departure departure : assessment.get(Departures.FACT)) {
            rows.add(List.of(
                    "deviation",
                    departure.says(),
                    departure.reason().isEmpty() ? "NO REASON GIVEN" : departure.reason()));
        }
        job().acceptance().found().stream()
                .filter(found -> !found.stands())
                .forEach(found -> rows.add(List.of(
                        "found on a walk",
                        Text.of("%s, %s, %s", found.says(), day(found.at()), found.by()),
                        "dismissed: " + found.dismissed())));
        List<Finding> all = assessment.findings().stream()
                .filter(finding -> finding.grade() != Grade.NOTE)
                .toList();
        List<Finding> wrong =
                all.stream().filter(finding -> !CodeUnchanged.isAbout(finding)).toList();
        if (wrong.size() < all.size()) {
            rows.add(List.of(
                    Grade.WRONG.word(), "Not every code has been changed yet", "Your alarm firm changes them."));
        }
        wrong.forEach(finding -> rows.add(List.of(finding.grade().word(), finding.headline(), finding.remedy())));
        boolean bad = all.stream().anyMatch(finding -> finding.grade() == Grade.WRONG);
        return PackSection.of(
                "left-open",
                bad ? Mark.WRONG : rows.isEmpty() ? Mark.SOUND : Mark.TIGHT,
                Text.counted(wrong.size(), "finding") + ", "
                        + Text.counted(assessment.get(Departures.FACT).size(), "deviation"),
                new Table(
                        title("what is left to do, and deviations"),
                        List.of("What", "How it is", "Reason, or what to do"),
                        List.of(0.8, 3.4, 3.0),
                        rows,
                        List.of()));
    }

    private PackSection instructed() {
        SiteService service = job().service();
        List<List<String>> rows = new ArrayList<>();
        for (Instructed person : service.instructed()) {
            rows.add(List.of(
                    person.name(),
                    "was shown: "
                            + person.topics().stream()
                                    .sorted()
                                    .map(Instructed.Topic::words)
                                    .collect(Collectors.joining(", ")),
                    person.by(),
                    day(person.at())));
        }
        for (HandedOver given : service.handedOver()) {
            rows.add(List.of(given.to(), "was given: " + given.what(), given.by(), day(given.at())));
        }
        boolean both = !service.instructed().isEmpty() && !service.handedOver().isEmpty();
        return PackSection.of(
                "shown-how",
                rows.isEmpty() ? Mark.NOT_DONE : both ? Mark.SOUND : Mark.TIGHT,
                service.instructed().isEmpty()
                        ? "nobody was shown how yet"
                        : service.instructed().size() == 1
                                ? "1 person"
                                : service.instructed().size() + " people",
                new Table(
                        title("who was shown how, and what was handed over"),
                        List.of("Who", "What", "By", "On"),
                        List.of(1.6, 4.0, 0.7, 0.9),
                        rows,
                        List.of()));
    }

    private PackSection visits() {
        List<Visit> visits = job().service().visits();
        List<List<String>> rows = visits.stream().map(this::visit).toList();
        return PackSection.of(
                "visits",
                rows.isEmpty() ? Mark.NOT_DONE : Mark.SOUND,
                Text.counted(rows.size(), "visit"),
                new Table(
                        title("visits"),
                        List.of("No", "What for", "By", "On", "What changed", "Shown", "Parts", "Left out, and why"),
                        List.of(0.4, 1.4, 0.5, 1.0, 2.2, 2.2, 1.4, 1.8),
                        rows,
                        List.of()));
    }

    private List<String> visit(Visit visit) {
        return List.of(
                Integer.toString(visit.number()),
                visit.kind().words() + (visit.reason().isEmpty() ? "" : ": " + visit.reason()),
                visit.by(),
                day(visit.begin()) + visit.end().map(end -> "").orElse("; not ended yet"),
                String.join("; ", visit.changes()),
                String.join(
                        "; ", ShownOnVisit.titles(visit, job().acceptance(), assessment.get(AcceptancePlan.STATES))),
                visit.parts().stream()
                        .map(part -> Text.of("%s %s %s", figure(part.quantity()), part.unit(), part.what()))
                        .collect(Collectors.joining("; ")),
                visit.leftOut().stream()
                        .map(out -> out.what() + ": " + out.why())
                        .collect(Collectors.joining("; ")));
    }

    private static String figure(double quantity) {
        return quantity == Math.rint(quantity) ? Text.of("%.0f", quantity) : Text.of("%.1f", quantity);
    }

    private PackSection due() {
        List<DueDate> due = DueDates.from(assessment.get(DueDates.FACT), job().practice(), day);
        return PackSection.of(
                "due-dates",
                due.isEmpty() ? Mark.NOT_DONE : Mark.SOUND,
                due.isEmpty()
                        ? "nothing is dated yet"
                        : "next " + due.getFirst().date() + ", "
                                + due.getFirst().what(),
                new Table(
                        title("when somebody has to come back"),
                        List.of("On", "What", "Why"),
                        List.of(1.0, 2.4, 3.0),
                        due.stream()
                                .map(date -> List.of(date.date().toString(), date.what(), date.why()))
                                .toList(),
                        List.of()));
    }

    private PackSection cautions() {
        List<List<String>> rows = new ArrayList<>();
        rows.add(List.of("Mains", "Inside the panel and its supplies. Only a licensed person opens the mains side."));
        rows.add(List.of("Batteries", "No tool across the terminals; old ones go to battery recycling."));
        rows.add(List.of("Sounders", "Very loud close by: ear protection, and nobody on the ladder when they start."));
        assessment.get(AcceptancePlan.STATES).stream()
                .filter(state -> !state.line().caution().isEmpty())
                .map(state -> state.line().caution())
                .distinct()
                .forEach(caution -> rows.add(List.of("When it is tested", caution)));
        rows.add(List.of(
                "What this pack is",
                "It computes and records. It approves nothing: that is for the licensed firm, under local code."));
        return PackSection.of(
                "cautions",
                Mark.SOUND,
                Text.counted(rows.size(), "caution"),
                new Table(title("cautions"), List.of("Of what", "What to mind"), List.of(1.0, 4.0), rows, List.of()));
    }

    private PackSection signatures() {
        String line = "_".repeat(34);
        List<List<String>> rows = List.of(
                List.of("For the alarm firm", line, line, line),
                List.of("", "", "", ""),
                List.of("For the client", line, line, line));
        return PackSection.of(
                "signatures",
                Mark.NOT_DONE,
                "to be signed on paper",
                new Table(
                        title("signatures"),
                        List.of("", "Name", "Signature", "Date"),
                        List.of(1.0, 1.6, 1.6, 1.6),
                        rows,
                        List.of()));
    }
}
