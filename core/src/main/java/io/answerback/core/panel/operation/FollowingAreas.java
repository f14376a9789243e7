package io.answerback.core.panel.operation;

import io.answerback.core.panel.operation.OperationRules.AreaRule;
import java.util.Comparator;
import java.util.List;
import java.util.Map;

/// Areas that follow others: set when the last of these is, unset when the first is.
///
/// @param rules what the panel goes by
/// @param draft the step in the making
record FollowingAreas(OperationRules rules, OperationDraft draft) {
    /// Brings every area that follows to where those it follows are.
    ///
    /// @param was how areas stood before; only a change of those that are followed moves one that follows
    void after(Map<Integer, AreaState> was) {
        for (AreaRule area : rules.areas().values()) {
            if (!area.follows().isEmpty() && moved(area, was)) {
                follow(area);
            }
        }
    }

    private boolean moved(AreaRule area, Map<Integer, AreaState> was) {
        return area.follows().stream().anyMatch(number -> set(was.get(number)) != set(draft.area(number)));
    }

    private void follow(AreaRule area) {
        AreaState its = draft.area(area.number());
        List<AreaState> followed = area.follows().stream().map(draft::area).toList();
        boolean all = followed.stream().allMatch(FollowingAreas::set);
        if (all && its.mode().unset()) {
            new Setting(rules, draft).follow(area.number(), followed.getLast());
        } else if (!all && !its.mode().unset()) {
            AreaState first = followed.stream()
                    .filter(state -> !set(state))
                    .max(Comparator.comparing(AreaState::user))
                    .orElseThrow();
            new Unsetting(rules, draft).unset(area.number(), first.how(), first.user());
        }
    }

    /// People are in while an area is set in part.
    private static boolean set(AreaState state) {
        return state.mode().watches() && !state.part();
    }
}
