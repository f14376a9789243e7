package io.answerback.core.operation;

import io.answerback.core.event.Qualifier;
import io.answerback.core.operation.Happening.BatteryState;
import java.util.HashSet;
import java.util.Set;

/// Mains, battery, path and modules that fail and come back.
///
/// @param rules what the panel goes by
/// @param draft the step in the making
record Troubles(OperationRules rules, OperationDraft draft) {
    private static final String MAINS = "301";
    private static final String BATTERY = "302";
    private static final String BATTERY_MISSING = "311";
    private static final long SECOND = 1000;
    private static final String PATH = "350";
    private static final String MODULE = "333";

    void mains(boolean there) {
        OperationState.Health was = draft.health();
        if (was.mains() == there) {
            return;
        }
        draft.act(new Act.Shows(there ? "Mains back" : "Mains failed"));
        if (there) {
            draft.stop(Timer.Kind.MAINS, 0);
            if (was.mainsSent()) {
                send(Qualifier.RESTORE, MAINS, 0);
            }
        } else {
            draft.start(Timer.Kind.MAINS, 0, rules.manners().mainsReportSeconds() * SECOND);
        }
        draft.health(new OperationState.Health(there, false, was.battery(), was.batterySeen(), was.path(), was.lost()));
        if (!there && was.battery() == BatteryState.MISSING) {
            powerGone();
        }
    }

    /// The failure has lasted long enough to be sent.
    void mainsStillGone() {
        OperationState.Health was = draft.health();
        draft.health(new OperationState.Health(false, true, was.battery(), was.batterySeen(), was.path(), was.lost()));
        send(Qualifier.NEW, MAINS, 0);
    }

    /// Low volts are seen at once, and so is a battery that is well again; one that is missing only under load.
    void battery(BatteryState state) {
        OperationState.Health was = draft.health();
        draft.health(new OperationState.Health(
                was.mains(), was.mainsSent(), state, was.batterySeen(), was.path(), was.lost()));
        if (state != BatteryState.MISSING) {
            seen(state);
        } else if (!was.mains()) {
            powerGone();
        }
    }

    /// The battery is tested under load.
    void batteryTested() {
        seen(draft.health().battery());
    }

    private void seen(BatteryState state) {
        OperationState.Health was = draft.health();
        if (was.batterySeen() == state) {
            return;
        }
        if (was.batterySeen() != BatteryState.WELL) {
            send(Qualifier.RESTORE, event(was.batterySeen()), 0);
        }
        if (state != BatteryState.WELL) {
            send(Qualifier.NEW, event(state), 0);
        }
        draft.act(new Act.Shows(
                switch (state) {
                    case WELL -> "Battery well";
                    case LOW -> "Battery low";
                    case MISSING -> "Battery missing";
                }));
        draft.health(
                new OperationState.Health(was.mains(), was.mainsSent(), was.battery(), state, was.path(), was.lost()));
    }

    private static String event(BatteryState state) {
        return state == BatteryState.LOW ? BATTERY : BATTERY_MISSING;
    }

    /// Nothing runs and nothing is seen until power is back.
    void powerGone() {
        draft.act(new Act.Nothing("no power: the panel is dead"));
        draft.sound(Act.Pattern.SILENCE);
        draft.stopAll();
        OperationState.Service service = draft.service();
        draft.service(new OperationState.Service(false, service.walked(), true));
    }

    void path(boolean works) {
        OperationState.Health was = draft.health();
        if (was.path() == works) {
            return;
        }
        draft.act(new Act.Shows(works ? "Path works again" : "Path lost"));
        draft.health(new OperationState.Health(
                was.mains(), was.mainsSent(), was.battery(), was.batterySeen(), works, was.lost()));
        send(works ? Qualifier.RESTORE : Qualifier.NEW, PATH, 0);
    }

    void module(int address, boolean answers) {
        OperationState.Health was = draft.health();
        if (was.lost().contains(address) != answers) {
            return;
        }
        Set<Integer> lost = new HashSet<>(was.lost());
        if (answers) {
            lost.remove(address);
        } else {
            lost.add(address);
        }
        draft.act(new Act.Shows(
                answers ? "Module " + address + " answers again" : "Module " + address + " does not answer"));
        draft.health(new OperationState.Health(
                was.mains(), was.mainsSent(), was.battery(), was.batterySeen(), was.path(), Set.copyOf(lost)));
        send(answers ? Qualifier.RESTORE : Qualifier.NEW, MODULE, address);
    }

    private void send(Qualifier qualifier, String event, int number) {
        if (rules.options().reportsTroubles()) {
            draft.send(rules, 0, qualifier, event, number);
        }
    }
}
