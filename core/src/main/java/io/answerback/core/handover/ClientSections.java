package io.answerback.core.handover;

import io.answerback.core.engine.finding.Mark;
import io.answerback.core.engine.wording.Terms;
import io.answerback.core.model.common.Text;
import io.answerback.core.model.people.Person;
import io.answerback.core.model.receiver.EventGroup;
import io.answerback.core.model.receiver.Told;
import io.answerback.core.model.site.Job;
import io.answerback.core.model.site.Receiver;
import io.answerback.core.panel.operation.OperationRules;
import io.answerback.core.panel.operation.OperationRules.AreaRule;
import io.answerback.core.paper.Table;
import java.util.ArrayList;
import java.util.List;
import java.util.stream.Collectors;

/// The client's page in plain words: how to set and unset, what to do on an alarm, whom to ring.
record ClientSections(Job job) {
    /// The id of the client's page.
    static final String ID = "your-alarm-system";

    private static final String GAP = "— to be filled in —";

    List<PackSection> sections() {
        Terms terms = Terms.of(job.practice());
        List<List<String>> rows = new ArrayList<>();
        ClientWays ways = new ClientWays(job, OperationRules.of(job));
        for (AreaRule area : ways.rules().areas().values()) {
            rows.add(List.of(
                    Text.of("To %s %s", terms.toSet(), area.name()),
                    ways.toSet(area).orElse("no way is programmed yet " + GAP)));
            rows.add(List.of(
                    Text.of("To %s %s", terms.toUnset(), area.name()),
                    ways.toUnset(area).orElse("no way is programmed yet that does not alarm " + GAP)));
        }
        rows.add(List.of(
                "When there was an alarm",
                "Do not go in alone. Look from outside whether a door or window is broken; if so, ring the police and"
                        + " stay outside. If not, enter your code, and read at the keypad what it was."));
        rows.add(List.of(
                "When you set it off by mistake",
                "Enter your code at once, and ring the monitoring station with your password. They may have been told"
                        + " already."));
        rows.add(List.of("Whom to ring: the monitoring station", stations()));
        rows.add(List.of("Whom to ring: your alarm firm", firm()));
        if (!job.communicator().people().isEmpty()) {
            rows.add(List.of("Who gets a message", people()));
        }
        rows.add(List.of(
                "What you must not do",
                "Do not open the panel: mains voltage is inside. Do not cover or turn detectors, and tell your alarm firm"
                        + " before you move walls, doors or goods in front of them."));
        Table table = new Table(
                job.site().name() + ": your alarm system",
                List.of("", "What to do"),
                List.of(1.0, 3.2),
                rows,
                List.of());
        boolean gaps = rows.stream().anyMatch(row -> row.getLast().contains(GAP));
        return List.of(PackSection.of(
                ID,
                gaps ? Mark.TIGHT : Mark.SOUND,
                gaps ? "it has gaps" : Text.counted(job.areas().size(), "area") + ", in plain words",
                table));
    }

    private String stations() {
        String names = job.receivers().stream()
                .filter(receiver -> receiver.reception().of(EventGroup.ALARM) == Told.ALWAYS)
                .map(Receiver::name)
                .distinct()
                .collect(Collectors.joining(", "));
        return (names.isEmpty() ? GAP : names) + ", number: " + GAP;
    }

    private String firm() {
        String firm = job.site().drawings().firm();
        return (firm.isEmpty() ? GAP : firm) + ", number: " + GAP;
    }

    private String people() {
        return job.communicator().people().stream().map(Person::name).collect(Collectors.joining(", "));
    }
}
