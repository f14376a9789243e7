package io.answerback.core.operation;

import java.util.List;
import java.util.Optional;

/// A panel that works by its rules: a pure step from what it remembers and what happens to what it does.
///
/// @param rules what it goes by
public record Operation(OperationRules rules) {
    /// What one happening made of a panel.
    ///
    /// @param state what it remembers now
    /// @param log what it did, in order, each with its time
    public record Step(OperationState state, List<Logged> log) {}

    /// One step. What came due by `atMillis` happens first, each at its own time; the happening follows.
    ///
    /// @param atMillis when it happens, in milliseconds since the log began; never before the last step
    /// @throws IllegalArgumentException when it is before the last step
    public Step step(OperationState state, Happening happening, long atMillis) {
        if (atMillis < state.atMillis()) {
            throw new IllegalArgumentException(
                    "time runs backwards: " + atMillis + " ms after " + state.atMillis() + " ms");
        }
        OperationDraft draft = new OperationDraft(state);
        TimerEnds ends = new TimerEnds(rules, draft);
        for (Optional<Timer> due = draft.due(atMillis); due.isPresent(); due = draft.due(atMillis)) {
            draft.at(due.get().dueMillis());
            draft.stop(due.get().kind(), due.get().number());
            ends.end(due.get());
        }
        draft.at(atMillis);
        happens(draft, happening);
        return new Step(draft.made(), draft.log());
    }

    private void happens(OperationDraft draft, Happening happening) {
        Setting setting = new Setting(rules, draft);
        Watching watching = new Watching(rules, draft);
        Troubles troubles = new Troubles(rules, draft);
        switch (happening) {
            case Happening.SetAsked asked -> setting.set(asked);
            case Happening.UnsetAsked asked -> setting.unset(asked);
            case Happening.ZoneReads reads -> watching.reads(reads.zone(), reads.reads());
            case Happening.Mains mains -> troubles.mains(mains.there());
            case Happening.Battery battery -> troubles.battery(battery.well());
            case Happening.Path path -> troubles.path(path.works());
            case Happening.Module module -> troubles.module(module.address(), module.answers());
            case Happening.WrongCode wrong -> setting.wrongCode();
            case Happening.Silenced silenced -> draft.sound(Act.Pattern.SILENCE);
            case Happening.PowerBack back -> setting.powerBack();
            case Happening.TimePasses passes -> {}
        }
    }
}
