package io.answerback.core.panel.operation;

import io.answerback.core.signal.event.Qualifier;

/// What happens when something that runs comes to its end.
///
/// @param rules what the panel goes by
/// @param draft the step in the making, at the time of the end
record TimerEnds(OperationRules rules, OperationDraft draft) {
    private static final String PERIODIC_TEST = "602";

    void end(Timer timer) {
        switch (timer.kind()) {
            case EXIT -> new ExitTime(rules, draft).left(timer.number());
            case ENTRY -> new Watching(rules, draft).notUnsetInTime(timer.number());
            case SOUNDER -> {
                draft.sound(Act.Pattern.SILENCE);
                new Alarms(rules, draft).restoresWaiting();
            }
            case LAST_DOOR -> new ExitTime(rules, draft).stayedShut(timer.number());
            case REPORT -> new Alarms(rules, draft).reportNow(timer.number());
            case MAINS -> new Troubles(rules, draft).mainsStillGone();
            case TEST -> {
                draft.send(rules, 0, Qualifier.NEW, PERIODIC_TEST, 0);
                draft.start(Timer.Kind.TEST, 0, rules.times().testMillis());
            }
            case BATTERY_TEST -> {
                new Troubles(rules, draft).batteryTested();
                new TimedEvents(rules, draft).testBatteryLater();
            }
            case WARNING -> new TimedEvents(rules, draft).warns(timer.number());
            case SETS_ITSELF -> new TimedEvents(rules, draft).sets(timer.number());
            case LOCK -> {
                draft.wrongCodes(0);
                draft.act(new Act.Shows("Keypads work again"));
            }
            case FIRE -> new Watching(rules, draft).stillFire(timer.number());
            case CONFIRMATION, CANCEL, RECENT, KNOCK, CALL -> {}
        }
    }
}
