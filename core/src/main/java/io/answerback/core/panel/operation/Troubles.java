package io.answerback.core.panel.operation;

import io.answerback.core.panel.operation.Happening.BatteryState;
import io.answerback.core.signal.event.Qualifier;

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
        draft.health(was.withMains(there, false));
        if (!there && was.battery() == BatteryState.MISSING) {
            powerGone();
        }
    }

    /// The failure has lasted long enough to be sent.
    void mainsStillGone() {
        draft.health(draft.health().withMains(false, true));
        send(Qualifier.NEW, MAINS, 0);
    }

    /// Low volts are seen at once, and so is a battery that is well again; one that is missing only under load.
    void battery(BatteryState state) {
        OperationState.Health was = draft.health();
        draft.health(was.withBattery(state, was.batterySeen()));
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
        draft.health(was.withBattery(was.battery(), state));
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

    /// The first path that is lost is a trouble, which ends with the last that gets through again. While none works
    /// everything waits.
    ///
    /// @param path its place in the order in which they are tried, from 1; 0 for the communicator
    void path(int path, boolean works) {
        OperationState.Health was = draft.health();
        if (was.lostPaths().contains(path) != works) {
            return;
        }
        draft.act(new Act.Shows(name(path) + (works ? " works again" : " lost")));
        draft.health(was.withPath(path, works));
        draft.pathsAgain(rules);
        if (was.lostPaths().isEmpty() || draft.health().lostPaths().isEmpty()) {
            send(works ? Qualifier.RESTORE : Qualifier.NEW, PATH, 0);
        }
    }

    private String name(int path) {
        if (path == 0) {
            return "Communicator";
        }
        return rules.paths() == 1 ? "Path" : "Path " + path;
    }

    void module(int address, boolean answers) {
        OperationState.Health was = draft.health();
        if (was.lost().contains(address) != answers) {
            return;
        }
        draft.act(new Act.Shows(
                answers ? "Module " + address + " answers again" : "Module " + address + " does not answer"));
        draft.health(was.withModule(address, answers));
        send(answers ? Qualifier.RESTORE : Qualifier.NEW, MODULE, address);
    }

    private void send(Qualifier qualifier, String event, int number) {
        if (rules.options().reportsTroubles()) {
            draft.send(rules, 0, qualifier, event, number);
        }
    }
}
