package io.answerback.core.panel.operation;

import java.util.List;
import java.util.Map;
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
            Timer timer = due.get();
            draft.at(timer.dueMillis());
            draft.stop(timer.kind(), timer.number());
            moves(draft, () -> ends.end(timer));
        }
        draft.at(atMillis);
        moves(draft, () -> happens(draft, happening));
        return new Step(draft.made(), draft.log());
    }

    /// Whatever moves areas moves those that follow them, and outputs follow all.
    private void moves(OperationDraft draft, Runnable what) {
        Map<Integer, AreaState> was = draft.areas();
        what.run();
        if (was != draft.areas()) {
            new FollowingAreas(rules, draft).after(was);
        }
        if (!rules.outputs().isEmpty()) {
            new Outputs(rules, draft).follow();
        }
    }

    /// A panel without power sees nothing; what its inputs read is read again when power is back.
    private void happens(OperationDraft draft, Happening happening) {
        if (draft.service().dead()) {
            dead(draft, happening);
            return;
        }
        Troubles troubles = new Troubles(rules, draft);
        KeypadActs acts = new KeypadActs(rules, draft);
        switch (happening) {
            case Happening.SetAsked asked -> new Setting(rules, draft).set(asked);
            case Happening.UnsetAsked asked -> new Unsetting(rules, draft).unset(asked);
            case Happening.ZoneReads reads -> new Watching(rules, draft).reads(reads.zone(), reads.reads());
            case Happening.LeftOut leftOut -> acts.leftOut(leftOut);
            case Happening.Mains mains -> troubles.mains(mains.there());
            case Happening.Battery battery -> troubles.battery(battery.state());
            case Happening.Path path -> troubles.path(path.path(), path.works());
            case Happening.Module module -> troubles.module(module.address(), module.answers());
            case Happening.WrongCode wrong -> acts.wrongCode();
            case Happening.Silenced silenced -> draft.sound(Act.Pattern.SILENCE);
            case Happening.Programming programming -> acts.programming(programming.begins());
            case Happening.WalkTest walk -> acts.walkTest(walk.area(), walk.begins());
            case Happening.Reset reset -> acts.reset(reset.by());
            case Happening.BatteryTested tested -> troubles.batteryTested();
            case Happening.PowerGone gone -> troubles.powerGone();
            case Happening.PowerBack back -> new Unsetting(rules, draft).powerBack();
            case Happening.Clock clock -> new TimedEvents(rules, draft).ahead(clock.aheadMillis());
            case Happening.TimePasses passes -> {}
        }
    }

    private void dead(OperationDraft draft, Happening happening) {
        switch (happening) {
            case Happening.PowerBack back -> new Unsetting(rules, draft).powerBack();
            case Happening.Mains mains -> {
                if (mains.there()) {
                    new Unsetting(rules, draft).powerBack();
                    new Troubles(rules, draft).mains(true);
                }
            }
            case Happening.ZoneReads reads -> reads.reads().ifPresent(meaning -> draft.read(reads.zone(), meaning));
            case Happening.TimePasses passes -> {}
            case Happening.SetAsked _,
                    Happening.UnsetAsked _,
                    Happening.LeftOut _,
                    Happening.Battery _,
                    Happening.BatteryTested _,
                    Happening.Path _,
                    Happening.Module _,
                    Happening.WrongCode _,
                    Happening.Silenced _,
                    Happening.Programming _,
                    Happening.WalkTest _,
                    Happening.PowerGone _,
                    Happening.Clock _,
                    Happening.Reset _ -> draft.act(new Act.Nothing("no power: nothing happens"));
        }
    }
}
