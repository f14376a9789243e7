package io.answerback.core.panel.operation;

import io.answerback.core.panel.operation.OperationRules.AreaRule;

/// What a panel does by the clock: periodic tests, battery tests, and areas that set by themselves.
///
/// @param rules what the panel goes by
/// @param draft the step in the making
record TimedEvents(OperationRules rules, OperationDraft draft) {
    private static final long SECOND = 1000;

    /// Starts everything that comes by the clock.
    void wind() {
        long test = rules.times().testMillis();
        if (test > 0) {
            draft.start(Timer.Kind.TEST, 0, test + rules.manners().testSpreadSeconds() * SECOND);
        }
        testBatteryLater();
        rules.areas().values().forEach(this::warnLater);
    }

    void testBatteryLater() {
        if (rules.manners().batteryTestSeconds() > 0) {
            draft.start(Timer.Kind.BATTERY_TEST, 0, rules.manners().batteryTestSeconds() * SECOND);
        }
    }

    /// The next warning of an area that sets by itself, today or tomorrow.
    private void warnLater(AreaRule area) {
        area.setsAtMillis().ifPresent(sets -> {
            long warns = sets - rules.times().warningMillis();
            long left = Math.floorMod(warns - draft.byItsClock(), OperationRules.DAY);
            draft.start(Timer.Kind.WARNING, area.number(), left == 0 ? OperationRules.DAY : left);
        });
    }

    /// The clock is another: what comes by the time of day comes by that clock from now on.
    void ahead(long millis) {
        draft.ahead(millis);
        draft.act(
                new Act.Shows("Clock shows " + CaseWords.time(Math.floorMod(draft.byItsClock(), OperationRules.DAY))));
        rules.areas().values().forEach(this::warnLater);
    }

    /// The time of the warning has come: who is still in hears it, and can postpone.
    void warns(int number) {
        AreaRule area = rules.areas().get(number);
        warnLater(area);
        if (draft.area(number).mode().unset()) {
            draft.act(new Act.Shows(
                    area.name() + ": sets by itself in " + rules.times().warningMillis() / SECOND / 60 + " min"));
            draft.act(new Act.Beeps("warning"));
            draft.start(Timer.Kind.SETS_ITSELF, number, rules.times().warningMillis());
        }
    }

    /// It sets by itself now; what is open is left out only where that was decided.
    void sets(int number) {
        if (draft.area(number).mode().unset()) {
            new Setting(rules, draft).set(new Happening.SetAsked(number, HowSet.TIMER, 0, false, true));
        }
    }

    /// Somebody types a code while keypads warn: it sets later.
    ///
    /// @return whether keypads warned
    boolean postponed(int number) {
        if (!draft.stop(Timer.Kind.SETS_ITSELF, number)) {
            return false;
        }
        long later = rules.manners().postponeSeconds() * SECOND;
        draft.start(Timer.Kind.SETS_ITSELF, number, later);
        draft.act(new Act.Shows(rules.areas().get(number).name() + ": sets by itself at "
                + CaseWords.time(Math.floorMod(draft.byItsClock() + later, OperationRules.DAY))));
        return true;
    }
}
