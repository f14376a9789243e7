package io.answerback.core.prove.acceptance;

import io.answerback.core.model.profile.Meaning;
import io.answerback.core.panel.operation.Happening;
import io.answerback.core.panel.operation.HowSet;
import io.answerback.core.panel.operation.OperationRules;
import io.answerback.core.panel.operation.OperationRules.AreaRule;
import io.answerback.core.panel.operation.OperationRules.ZoneRule;
import io.answerback.core.panel.operation.PanelCase;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/// What somebody does at a panel to show a line of the plan, one thing after the other, as its model plays it.
final class Story {
    private static final long SECOND = 1000;
    private static final long A_MOMENT = 5 * SECOND;

    private final OperationRules rules;
    private final List<PanelCase.Event> events = new ArrayList<>();
    private long at;

    /// @param rules what the panel goes by
    Story(OperationRules rules) {
        this.rules = rules;
    }

    List<PanelCase.Event> events() {
        return List.copyOf(events);
    }

    Story then(Happening happening) {
        events.add(new PanelCase.Event(at, happening));
        return this;
    }

    Story waits(long millis) {
        at += millis;
        return this;
    }

    Story set(AreaRule area, int user) {
        return set(area, user, HowSet.CODE);
    }

    Story set(AreaRule area, int user, HowSet how) {
        return then(new Happening.SetAsked(area.number(), how, user, false, false));
    }

    /// Until an area is set that somebody leaves.
    Story leaves(AreaRule area) {
        return waits(area.exitMillis() + A_MOMENT);
    }

    Story moment() {
        return waits(A_MOMENT);
    }

    /// Set, and long enough ago that an alarm does not count as one soon after setting.
    Story left(AreaRule area, int user) {
        return set(area, user).waits(area.exitMillis() + rules.manners().recentSeconds() * SECOND + A_MOMENT);
    }

    Story unset(AreaRule area, int user) {
        return unset(area, user, HowSet.CODE);
    }

    Story unset(AreaRule area, int user, HowSet how) {
        return then(new Happening.UnsetAsked(area.number(), how, user, false));
    }

    Story opens(ZoneRule zone) {
        return reads(zone.number(), Meaning.ALARM);
    }

    Story shuts(ZoneRule zone) {
        return reads(zone.number(), Meaning.NORMAL);
    }

    Story reads(int zone, Meaning meaning) {
        return then(new Happening.ZoneReads(zone, Optional.of(meaning)));
    }

    /// Tripped and at rest again, and what the panel waits before it sends it.
    Story trips(ZoneRule zone) {
        return opens(zone).waits(A_MOMENT).shuts(zone).sent();
    }

    /// Until an alarm that waits was sent.
    Story sent() {
        return waits(rules.times().reportDelayMillis() + A_MOMENT);
    }

    /// Until unsetting does not cancel the alarm any more.
    Story settled() {
        return waits(rules.manners().cancelSeconds() * SECOND + A_MOMENT);
    }
}
