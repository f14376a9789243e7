package io.answerback.core.acceptance;

import io.answerback.core.common.Text;
import io.answerback.core.site.Acceptance;
import io.answerback.core.site.Showing;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.TreeSet;

/// How a line stands: whether it was shown, how, and whether that still holds.
///
/// @param line the line
/// @param best what was shown of it that counts most: live before by hand before in the model; empty while nothing was
/// @param stale everything that has changed upstream since, in words; empty where all is as it was
public record LineState(AcceptanceLine line, Optional<Showing> best, List<String> stale) {
    public LineState {
        stale = List.copyOf(stale);
    }

    /// How a line stands with what was shown.
    public static LineState of(AcceptanceLine line, Acceptance acceptance) {
        List<Showing> shown = acceptance.of(line.id());
        Optional<Showing> best = Optional.empty();
        for (Showing.Way way : List.of(Showing.Way.LIVE, Showing.Way.HAND, Showing.Way.MODEL)) {
            best = best.or(() -> shown.stream().filter(its -> its.way() == way).findFirst());
        }
        return new LineState(
                line, best, best.map(its -> changed(its.basis(), line.basis())).orElse(List.of()));
    }

    private static List<String> changed(Map<String, String> before, Map<String, String> now) {
        TreeSet<String> names = new TreeSet<>(before.keySet());
        names.addAll(now.keySet());
        List<String> changed = new ArrayList<>();
        for (String name : names) {
            String was = before.getOrDefault(name, "nothing");
            String is = now.getOrDefault(name, "nothing");
            if (!was.equals(is)) {
                changed.add(Text.of("%s: %s, now %s", name, was, is));
            }
        }
        return changed;
    }

    /// Whether it counts as shown on the real panel: live or by hand, and nothing changed since. What the model showed
    /// proves the programming as it is planned, and no more.
    public boolean shown() {
        return best.filter(its -> its.way() != Showing.Way.MODEL).isPresent() && stale.isEmpty();
    }
}
