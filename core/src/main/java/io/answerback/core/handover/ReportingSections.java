package io.answerback.core.handover;

import io.answerback.core.engine.finding.Mark;
import io.answerback.core.engine.wording.Terms;
import io.answerback.core.model.common.Text;
import io.answerback.core.model.path.TransmissionPath;
import io.answerback.core.model.people.Notice;
import io.answerback.core.model.people.Person;
import io.answerback.core.model.receiver.EventGroup;
import io.answerback.core.model.receiver.Told;
import io.answerback.core.model.site.Job;
import io.answerback.core.model.site.Receiver;
import io.answerback.core.paper.Table;
import java.util.ArrayList;
import java.util.List;
import java.util.stream.Stream;

/// How it reports: receivers and paths, and who is told of which events.
record ReportingSections(Job job) {
    List<PackSection> sections() {
        return List.of(receivers(), paths(), routing());
    }

    private String title(String what) {
        return job.site().name() + ": " + what;
    }

    private PackSection receivers() {
        List<List<String>> rows = job.receivers().stream()
                .map(receiver -> List.of(
                        receiver.name(),
                        receiver.format().words(),
                        receiver.host().isEmpty() ? "—" : receiver.host() + ":" + receiver.port(),
                        receiver.reception().keyBits() == 0
                                ? "none"
                                : Text.of(
                                        "%d bits, key handed over apart",
                                        receiver.reception().keyBits()),
                        receiver.reachable() ? "" : "its address is not known"))
                .toList();
        int whole = (int) job.receivers().stream().filter(Receiver::reachable).count();
        return PackSection.of(
                "receivers",
                PackSection.whole(whole, rows.size()),
                Text.counted(rows.size(), "receiver"),
                new Table(
                        title("receivers of the station"),
                        List.of("Receiver", "Format", "Address", "Encryption", "Gaps"),
                        List.of(1.6, 1.6, 1.6, 1.6, 1.4),
                        rows,
                        List.of()));
    }

    private PackSection paths() {
        List<List<String>> rows =
                job.communicator().paths().stream().map(ReportingSections::path).toList();
        return PackSection.of(
                "paths",
                rows.isEmpty() ? Mark.NOT_DONE : Mark.SOUND,
                Text.counted(rows.size(), "way") + " out of the building",
                new Table(
                        title("ways out of the building, in the order in which they are tried"),
                        List.of("Path", "Tries", "Waits for an answer", "Polled"),
                        List.of(1.6, 0.8, 1.4, 1.6),
                        rows,
                        List.of()));
    }

    private static List<String> path(TransmissionPath path) {
        return List.of(
                path.kind().words(),
                Integer.toString(path.attempts()),
                Text.of("%.1f s", path.timeoutMillis() / 1000.0),
                path.pollSeconds().map(seconds -> "every " + seconds + " s").orElse("not polled"));
    }

    private PackSection routing() {
        Terms terms = Terms.of(job.practice());
        List<EventGroup> groups = List.of(EventGroup.values());
        List<String> headings = Stream.concat(
                        Stream.of("Who is told"), groups.stream().map(group -> terms.in(group.title())))
                .toList();
        List<List<String>> rows = new ArrayList<>();
        job.receivers()
                .forEach(receiver -> rows.add(row(
                        receiver.name(),
                        groups.stream()
                                .map(group -> receiver.reception()
                                        .told()
                                        .getOrDefault(group, Told.NEVER)
                                        .shortWords()))));
        job.communicator()
                .people()
                .forEach(person -> rows.add(row(person.name(), groups.stream().map(group -> notice(person, group)))));
        return PackSection.of(
                "who-is-told",
                rows.isEmpty() ? Mark.NOT_DONE : Mark.SOUND,
                Text.of("%d receivers and people", rows.size()),
                new Table(
                        title("who is told of what"),
                        headings,
                        Stream.concat(Stream.of(2.0), groups.stream().map(group -> 1.0))
                                .toList(),
                        rows,
                        List.of()));
    }

    private static String notice(Person person, EventGroup group) {
        return person.told().getOrDefault(group, Notice.NONE).shortWords();
    }

    private static List<String> row(String name, Stream<String> cells) {
        return Stream.concat(Stream.of(name), cells).toList();
    }
}
