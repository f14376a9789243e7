package io.answerback.core.operation;

import io.answerback.core.event.Qualifier;
import java.util.HashSet;
import java.util.Set;

/// Mains, battery, path and modules that fail and come back.
///
/// @param rules what the panel goes by
/// @param draft the step in the making
record Troubles(OperationRules rules, OperationDraft draft) {
    private static final String MAINS = "301";
    private static final String BATTERY = "302";
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
            draft.start(Timer.Kind.MAINS, 0, rules.manners().mainsMillis());
        }
        draft.health(new OperationState.Health(there, false, was.battery(), was.path(), was.lost()));
    }

    /// The failure has lasted long enough to be sent.
    void mainsStillGone() {
        OperationState.Health was = draft.health();
        draft.health(new OperationState.Health(false, true, was.battery(), was.path(), was.lost()));
        send(Qualifier.NEW, MAINS, 0);
    }

    void battery(boolean well) {
        OperationState.Health was = draft.health();
        if (was.battery() == well) {
            return;
        }
        draft.act(new Act.Shows(well ? "Battery well" : "Battery low"));
        draft.health(new OperationState.Health(was.mains(), was.mainsSent(), well, was.path(), was.lost()));
        send(well ? Qualifier.RESTORE : Qualifier.NEW, BATTERY, 0);
    }

    void path(boolean works) {
        OperationState.Health was = draft.health();
        if (was.path() == works) {
            return;
        }
        draft.act(new Act.Shows(works ? "Path works again" : "Path lost"));
        draft.health(new OperationState.Health(was.mains(), was.mainsSent(), was.battery(), works, was.lost()));
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
        draft.health(
                new OperationState.Health(was.mains(), was.mainsSent(), was.battery(), was.path(), Set.copyOf(lost)));
        send(answers ? Qualifier.RESTORE : Qualifier.NEW, MODULE, address);
    }

    private void send(Qualifier qualifier, String event, int number) {
        if (rules.reportsTroubles()) {
            draft.send(rules, 0, qualifier, event, number);
        }
    }
}
