package io.answerback.core.work.servicing;

import io.answerback.core.engine.finding.Mark;
import io.answerback.core.engine.memo.Fact;
import io.answerback.core.engine.memo.Facts;
import io.answerback.core.engine.visit.Today;
import io.answerback.core.model.common.Text;
import io.answerback.core.model.profile.EntryForm;
import io.answerback.core.model.service.HandedOver;
import io.answerback.core.model.service.Instructed;
import io.answerback.core.model.service.Instructed.Topic;
import io.answerback.core.model.unit.SimCard;
import io.answerback.core.model.unit.Unit;
import io.answerback.core.setup.EntryStep;
import io.answerback.core.setup.SetupState;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import java.util.stream.Collectors;

/// What is looked at before the site is left, so that nothing is left behind. What the job knows, it says; the rest
/// somebody looks at and ticks, anew on every visit.
public final class Leaving {
    /// What is looked at on a job, in its order.
    public static final Fact<List<LeavingCheck>> FACT = Fact.of("before leaving", facts -> new Leaving(facts).checks());

    private final Facts facts;
    private final List<LeavingCheck> checks = new ArrayList<>();

    private Leaving(Facts facts) {
        this.facts = facts;
    }

    private List<LeavingCheck> checks() {
        onTest();
        serviceKeypad();
        byEye("bypassed", "Zones that are linked out or left out are written down");
        codes();
        byEye("remote", "Remote access closed again");
        byEye("covers", "Covers and lids on, cables clear of screws");
        sim();
        shownHow();
        handedOver();
        byEye("tidy", "Tools, off-cuts and rubbish taken away");
        return List.copyOf(checks);
    }

    private void knows(String id, String title, Mark mark, String says) {
        checks.add(new LeavingCheck(id, title, mark, says, false));
    }

    private void byEye(String id, String title) {
        Optional<String> looked = facts.service().ticks().stream()
                .filter(tick -> tick.id().equals(id))
                .map(tick -> "checked by " + tick.by())
                .findFirst();
        checks.add(new LeavingCheck(
                id, title, looked.isPresent() ? Mark.SOUND : Mark.NOT_DONE, looked.orElse("to be checked"), true));
    }

    private void onTest() {
        facts.acceptance()
                .onTest()
                .ifPresentOrElse(
                        test -> knows(
                                "on-test",
                                "Account off test",
                                Mark.WRONG,
                                "still on test: " + test.told() + " was told"),
                        () -> knows("on-test", "Account off test", Mark.SOUND, "not on test"));
    }

    private void serviceKeypad() {
        facts.bus()
                .service()
                .ifPresentOrElse(
                        address -> knows(
                                "keypad",
                                "Service keypad off the bus and deleted",
                                Mark.WRONG,
                                Text.of("still at address %d", address)),
                        () -> knows("keypad", "Service keypad off the bus and deleted", Mark.SOUND, "none on the bus"));
    }

    private void codes() {
        long makers = facts.of(SetupState.FACT).sheet().steps().stream()
                .filter(step -> step.setting().form().kind() == EntryForm.Kind.SECRET)
                .filter(EntryStep::toType)
                .count();
        knows(
                "codes",
                "Default codes changed",
                makers == 0 ? Mark.SOUND : Mark.WRONG,
                makers == 0 ? "no code is the maker's" : Text.of("%d still the maker's", makers));
    }

    private void sim() {
        Optional<Unit> unit = facts.communicator().unit();
        if (unit.isEmpty() || unit.get().sim().isEmpty()) {
            return;
        }
        Optional<LocalDate> until = unit.get().sim().flatMap(SimCard::activeUntil);
        boolean over = until.filter(
                        day -> facts.of(Today.GIVEN).filter(day::isBefore).isPresent())
                .isPresent();
        knows(
                "sim",
                "SIM and plan dates known",
                over ? Mark.WRONG : until.isPresent() ? Mark.SOUND : Mark.NOT_DONE,
                until.map(day -> (over ? "over since " : "until ") + day).orElse("nobody has said when it ends"));
    }

    private void shownHow() {
        List<Instructed> people = facts.service().instructed();
        List<Topic> missing = Arrays.stream(Topic.values())
                .filter(topic ->
                        people.stream().noneMatch(person -> person.topics().contains(topic)))
                .toList();
        String says = people.isEmpty()
                ? "nobody yet"
                : missing.isEmpty()
                        ? people.stream().map(Instructed::name).collect(Collectors.joining(", "))
                        : "not yet: " + missing.stream().map(Topic::words).collect(Collectors.joining(", "));
        knows("shown", "Client shown how", missing.isEmpty() ? Mark.SOUND : Mark.NOT_DONE, says);
    }

    private void handedOver() {
        List<HandedOver> given = facts.service().handedOver();
        knows(
                "handed",
                "Keys, codes and documents handed over",
                given.isEmpty() ? Mark.NOT_DONE : Mark.SOUND,
                given.isEmpty()
                        ? "nothing yet"
                        : given.stream()
                                .map(its -> its.what() + " to " + its.to())
                                .collect(Collectors.joining(", ")));
    }
}
