package io.answerback.core.panel.operation;

import io.answerback.core.model.profile.Decision.ResetBy;
import io.answerback.core.panel.operation.OperationRules.ZoneRule;
import io.answerback.core.signal.event.Qualifier;
import java.util.HashSet;
import java.util.Optional;
import java.util.Set;

/// What people do at a keypad besides setting: zones left out by hand, walk tests, programming, wrong codes.
///
/// @param rules what the panel goes by
/// @param draft the step in the making
record KeypadActs(OperationRules rules, OperationDraft draft) {
    private static final String WRONG_CODES = "461";
    private static final String WALK_TEST = "607";
    private static final String PROGRAMMING_BEGINS = "627";
    private static final String PROGRAMMING_ENDS = "628";
    private static final long SECOND = 1000;

    /// Somebody leaves a zone out until its area is unset after the next setting, or has it watched again.
    void leftOut(Happening.LeftOut asked) {
        ZoneRule zone = rules.zones().get(asked.zone());
        if (zone == null) {
            draft.act(new Act.Nothing("zone " + asked.zone() + " is off: nobody looks"));
            return;
        }
        Optional<String> against = zone.areas().stream()
                .flatMap(area -> rules.against(asked.user(), area, draft.byItsClock()).stream())
                .findFirst()
                .or(() -> Optional.of("an area of it is set").filter(why -> anySet(zone)))
                .or(() -> Optional.of("it is always watched")
                        .filter(why -> zone.type().watchesAlways()));
        if (against.isPresent()) {
            draft.act(new Act.Shows(zone.name() + " stays as it is, " + against.get()));
            return;
        }
        draft.byHand(asked.zone(), asked.out() ? Math.max(1, asked.user()) : 0);
        draft.act(new Act.Shows(
                asked.out()
                        ? zone.name() + ": left out by user " + asked.user() + " until " + areaName(zone)
                                + " is next unset"
                        : zone.name() + ": watched again"));
    }

    private String areaName(ZoneRule zone) {
        return rules.areas().get(zone.area()).name();
    }

    private boolean anySet(ZoneRule zone) {
        return zone.areas().stream().anyMatch(area -> !draft.area(area).mode().unset());
    }

    /// Areas whose confirmed alarm waits for it are reset, where it is by whom it was decided.
    void reset(ResetBy by) {
        boolean any = false;
        for (var area : draft.areas().entrySet()) {
            if (area.getValue().resetDue() && rules.options().resetBy() == by) {
                draft.put(area.getKey(), area.getValue().reset());
                any = true;
            }
        }
        draft.act(
                any
                        ? new Act.Shows("Reset by " + by.words())
                        : new Act.Nothing("there is nothing for " + by.words() + " to reset"));
    }

    void wrongCode() {
        int wrong = draft.wrongCodes() + 1;
        draft.wrongCodes(wrong);
        draft.act(new Act.Beeps("refused"));
        if (wrong == rules.manners().wrongCodes()) {
            draft.act(new Act.Shows("Keypads are locked"));
            draft.start(Timer.Kind.LOCK, 0, rules.manners().lockSeconds() * SECOND);
            draft.send(rules, 0, Qualifier.NEW, WRONG_CODES, 0);
        }
    }

    void walkTest(int number, boolean begins) {
        AreaState area = draft.area(number);
        OperationState.Service service = draft.service();
        if (area == null || service.walked().contains(number) == begins) {
            return;
        }
        if (begins && !area.mode().unset()) {
            draft.act(new Act.Shows("No walk test, " + rules.areas().get(number).name() + " is set"));
            return;
        }
        Set<Integer> walked = new HashSet<>(service.walked());
        if (begins) {
            walked.add(number);
        } else {
            walked.remove(number);
        }
        draft.service(new OperationState.Service(service.programming(), Set.copyOf(walked), service.dead()));
        draft.act(new Act.Shows(rules.areas().get(number).name() + (begins ? ": walk test" : ": walk test ended")));
        draft.send(rules, number, begins ? Qualifier.NEW : Qualifier.RESTORE, WALK_TEST, 0);
    }

    /// Programming opens only while every area is unset; tampers and alarms are then shown and not sent.
    void programming(boolean begins) {
        OperationState.Service service = draft.service();
        if (service.programming() == begins) {
            return;
        }
        boolean set =
                draft.areas().values().stream().anyMatch(area -> !area.mode().unset());
        if (begins && set) {
            draft.act(new Act.Shows("Programming stays closed, an area is set"));
            return;
        }
        draft.service(new OperationState.Service(begins, service.walked(), service.dead()));
        draft.act(new Act.Shows(begins ? "Programming is open" : "Programming is closed"));
        draft.send(rules, 0, Qualifier.NEW, begins ? PROGRAMMING_BEGINS : PROGRAMMING_ENDS, 0);
    }
}
