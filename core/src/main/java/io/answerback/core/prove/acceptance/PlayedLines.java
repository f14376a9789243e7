package io.answerback.core.prove.acceptance;

import io.answerback.core.engine.memo.Facts;
import io.answerback.core.panel.operation.Logged;
import io.answerback.core.panel.operation.OperationRules;
import io.answerback.core.signal.event.EventTable;
import io.answerback.core.signal.event.Numbered;
import io.answerback.core.signal.event.Signal;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import java.util.stream.Collectors;

/// Lines of the plan whose steps the panel's model plays. What must arrive is what it sends then, and a line
/// rests on that: when the panel would send something else, what was shown is stale.
final class PlayedLines {
    private static final double MILLIS_A_MINUTE = 60_000;
    private static final long SECOND = 1000;
    private static final double MINUTES = 2;

    private final Facts facts;
    private final OperationRules rules;

    PlayedLines(Facts facts) {
        this.facts = facts;
        this.rules = facts.of(OperationRules.FACT);
    }

    Story story() {
        return new Story(rules);
    }

    /// A line that any user may show.
    ///
    /// @param basis what it rests on beside what arrives
    AcceptanceLine.Draft line(
            String id, LineSection section, String title, String order, Map<String, String> basis, Story story) {
        return line(id, section, title, order, basis, story, Expected.ANY);
    }

    /// The same that one user has to show.
    ///
    /// @param user their number; [Expected#ANY] for whoever it is
    AcceptanceLine.Draft line(
            String id,
            LineSection section,
            String title,
            String order,
            Map<String, String> basis,
            Story story,
            int user) {
        List<Logged> sent = new ModelRun(rules).played(story.events());
        List<Expected> expects = expected(sent, user);
        Map<String, String> rests = new TreeMap<>(basis);
        rests.put("what arrives", expects.stream().map(Expected::words).collect(Collectors.joining(", then ")));
        return AcceptanceLine.line(id, section, title)
                .order(order)
                .plays(story.events())
                .onlyChosen()
                .expects(expects, firstSeconds(sent) + SystemLines.answerSeconds(facts))
                .takes(MINUTES + lastsMinutes(story))
                .because("It is programmed, and was never seen to happen.")
                .rests(rests);
    }

    /// What the panel sends when all of a story happens.
    List<Expected> expected(Story story) {
        return expected(new ModelRun(rules).played(story.events()), Expected.ANY);
    }

    private List<Expected> expected(List<Logged> sent, int user) {
        return sent.stream()
                .flatMap(logged -> logged.signal().stream())
                .map(signal -> expected(signal, user))
                .toList();
    }

    /// By which user it is done is up to whoever does it, but where one has to.
    private Expected expected(Signal signal, int user) {
        Expected expected = Expected.of(signal);
        boolean ofUser = facts.of(EventTable.GIVEN).numbered(signal.event()) == Numbered.USER;
        return ofUser && signal.zone() != 0 ? expected.by(user) : expected;
    }

    private static int firstSeconds(List<Logged> sent) {
        return sent.isEmpty() ? 0 : (int) (sent.getFirst().atMillis() / SECOND);
    }

    private static double lastsMinutes(Story story) {
        return story.events().isEmpty() ? 0 : story.events().getLast().atMillis() / MILLIS_A_MINUTE;
    }
}
