package io.answerback.core.prove.acceptance;

import io.answerback.core.model.common.Require;
import io.answerback.core.model.id.PointId;
import io.answerback.core.panel.operation.PanelCase;
import java.util.Collections;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.TreeMap;

/// A line of the acceptance plan.
///
/// @param id what it is known by; that of a point ends in its number, so that it stays when the point is renamed
/// @param section the part of the plan it belongs to
/// @param title what is shown
/// @param order what to do
/// @param expects the signals that have to arrive, in their order; none for what is seen or heard
/// @param withinSeconds how long the first may take; 0 where nothing arrives
/// @param seen what has to be seen or heard; empty for nothing
/// @param caution what can hurt or send people out; empty for nothing
/// @param minutes how long it takes, in minutes
/// @param why why it is in the plan
/// @param point whose line it is; empty for none
/// @param steps what to do one after another, each short enough for large type
/// @param wants what is measured; none where nothing is
/// @param possible whether it can be shown as the job stands; false where nothing can ever arrive
/// @param basis what is true upstream, by name: when it changes, what was shown is stale
/// @param bring what or who has to be there for it; empty for nothing beside the usual tools
/// @param plays what happens when it is done, as the panel's model plays it, each at its time from the beginning;
///     none where the model is not asked so
/// @param onlyChosen whether signals move it only while somebody does it on purpose: others cause the same
public record AcceptanceLine(
        String id,
        LineSection section,
        String title,
        String order,
        List<Expected> expects,
        int withinSeconds,
        String seen,
        String caution,
        double minutes,
        String why,
        Optional<PointId> point,
        List<String> steps,
        List<Wanted> wants,
        boolean possible,
        Map<String, String> basis,
        String bring,
        List<PanelCase.Event> plays,
        boolean onlyChosen) {
    /// @throws IllegalArgumentException when it has no id, title or order
    public AcceptanceLine {
        id = Require.text(id, "id of a line");
        title = Require.text(title, "title of line " + id);
        order = Require.text(order, "what to do for line " + id);
        expects = List.copyOf(expects);
        steps = steps.isEmpty() ? List.of(order) : List.copyOf(steps);
        wants = List.copyOf(wants);
        plays = List.copyOf(plays);
        basis = Collections.unmodifiableMap(new TreeMap<>(basis));
    }

    /// Whether signals tick it by themselves.
    public boolean bySignal() {
        return !expects.isEmpty();
    }

    /// A line that somebody sees or hears.
    static Draft line(String id, LineSection section, String title) {
        return new Draft(id, section, title);
    }

    /// A line in the making.
    static final class Draft {
        private final String id;
        private final LineSection section;
        private final String title;
        private String order = "";
        private List<Expected> expects = List.of();
        private int within;
        private String seen = "";
        private String caution = "";
        private double minutes = 1;
        private String why = "";
        private Optional<PointId> point = Optional.empty();
        private List<String> steps = List.of();
        private List<Wanted> wants = List.of();
        private boolean possible = true;
        private Map<String, String> basis = Map.of();
        private String bring = "";
        private List<PanelCase.Event> plays = List.of();
        private boolean onlyChosen;

        private Draft(String id, LineSection section, String title) {
            this.id = id;
            this.section = section;
            this.title = title;
        }

        Draft order(String words) {
            order = words;
            return this;
        }

        /// Steps that take the place of one long order.
        Draft steps(String... each) {
            steps = List.of(each);
            return this;
        }

        Draft impossible() {
            possible = false;
            return this;
        }

        Draft wants(Wanted... figures) {
            wants = List.of(figures);
            return this;
        }

        Draft expects(List<Expected> signals, int seconds) {
            expects = signals;
            within = signals.isEmpty() ? 0 : seconds;
            return this;
        }

        Draft seen(String words) {
            seen = words;
            return this;
        }

        Draft caution(String words) {
            caution = words;
            return this;
        }

        Draft takes(double its) {
            minutes = its;
            return this;
        }

        Draft because(String words) {
            why = words;
            return this;
        }

        Draft of(PointId id) {
            point = Optional.of(id);
            return this;
        }

        Draft rests(Map<String, String> on) {
            basis = on;
            return this;
        }

        Draft bring(String what) {
            bring = what;
            return this;
        }

        /// What happens when it is done, as the panel's model plays it.
        Draft plays(List<PanelCase.Event> happenings) {
            plays = happenings;
            return this;
        }

        /// Signals move it only while somebody does it on purpose.
        Draft onlyChosen() {
            onlyChosen = true;
            return this;
        }

        AcceptanceLine made() {
            return new AcceptanceLine(
                    id,
                    section,
                    title,
                    order,
                    expects,
                    within,
                    seen,
                    caution,
                    minutes,
                    why,
                    point,
                    steps,
                    wants,
                    possible,
                    basis,
                    bring,
                    plays,
                    onlyChosen);
        }
    }
}
