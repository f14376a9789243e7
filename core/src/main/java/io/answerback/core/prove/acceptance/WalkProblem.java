package io.answerback.core.prove.acceptance;

import io.answerback.core.model.common.Text;
import io.answerback.core.model.profile.Decision;
import io.answerback.core.model.site.Link;
import io.answerback.core.prove.acceptance.WalkNote.Kind;
import io.answerback.core.signal.event.Numbered;
import io.answerback.core.signal.event.Signal;
import java.util.List;
import java.util.Optional;
import java.util.function.Predicate;

/// Why a signal fits no line of the plan: the nearest line that differs in one thing says which.
///
/// @param plan the plan
/// @param at the line of the point somebody is at
record WalkProblem(AcceptancePlan plan, Optional<String> at) {
    private static final String ROUTINE = "6";

    WalkNote of(Signal signal) {
        Optional<String> planned = account(signal);
        if (planned.isPresent()) {
            return WalkNote.wrong(
                            Kind.WRONG_ACCOUNT,
                            Optional.empty(),
                            Text.of("Account %s, planned %s", signal.account(), planned.get()),
                            Text.of(
                                    "It came under account %s. Another site's, or the area has another account in the panel.",
                                    signal.account()),
                            Link.EVENT)
                    .mendedBy(Decision.AREA_ACCOUNT, signal.area());
        }
        if (plan.events().numbered(signal.event()) != Numbered.ZONE) {
            return notOfAZone(signal);
        }
        return nearest(
                        signal,
                        expected -> expected.event().equals(signal.event())
                                && expected.number() == signal.zone()
                                && expected.area() != signal.area())
                .map(line -> area(line, signal))
                .or(() -> nearest(
                                signal,
                                expected -> expected.area() == signal.area()
                                        && expected.number() == signal.zone()
                                        && !expected.event().equals(signal.event()))
                        .map(line -> event(line, signal)))
                .or(() -> here(signal).map(line -> number(line, signal)))
                .orElseGet(() -> unknown(signal));
    }

    /// The account that is planned, where nothing of the plan has that of the signal.
    private Optional<String> account(Signal signal) {
        List<String> accounts = plan.lines().stream()
                .flatMap(line -> line.expects().stream())
                .map(Expected::account)
                .distinct()
                .toList();
        return accounts.contains(signal.account())
                ? Optional.empty()
                : accounts.stream().findFirst();
    }

    private Optional<AcceptanceLine> nearest(Signal signal, Predicate<Expected> differs) {
        return plan.lines().stream()
                .filter(line -> line.point().isPresent())
                .filter(line -> line.expects().stream()
                        .anyMatch(expected -> expected.qualifier() == signal.qualifier() && differs.test(expected)))
                .findFirst();
    }

    /// The point somebody is at, where the signal is of its sort with another number.
    private Optional<AcceptanceLine> here(Signal signal) {
        return at.flatMap(plan::line)
                .filter(line -> line.expects().stream()
                        .anyMatch(expected -> expected.event().equals(signal.event())
                                && expected.area() == signal.area()
                                && expected.number() != Expected.ANY));
    }

    private static WalkNote area(AcceptanceLine line, Signal signal) {
        int planned = line.expects().getFirst().area();
        return WalkNote.wrong(
                        Kind.WRONG_AREA,
                        Optional.of(line),
                        Text.of("%s: area %02d, planned %02d", line.title(), signal.area(), planned),
                        Text.of(
                                "Zone %d is in area %02d in the panel. The plan has it in %02d.",
                                signal.zone(), signal.area(), planned),
                        Link.ZONE)
                .mendedBy(Decision.ZONE_AREA, signal.zone());
    }

    private static WalkNote event(AcceptanceLine line, Signal signal) {
        String planned = line.expects().getFirst().event();
        return WalkNote.wrong(
                        Kind.WRONG_EVENT,
                        Optional.of(line),
                        line.title() + Text.of(": event %s, planned %s", signal.event(), planned),
                        Text.of(
                                "Zone %d behaves otherwise in the panel than the plan has it, or its loop reads otherwise.",
                                signal.zone()),
                        Link.ZONE)
                .mendedBy(Decision.ZONE_BEHAVIOUR, signal.zone());
    }

    private static WalkNote number(AcceptanceLine line, Signal signal) {
        int planned = line.expects().getFirst().number();
        return WalkNote.wrong(
                Kind.WRONG_NUMBER,
                Optional.of(line),
                Text.of("%s: zone %d, planned %d", line.title(), signal.zone(), planned),
                Text.of(
                        "It is wired to the input of zone %d, or its module answers at another address.",
                        signal.zone()),
                Link.INPUT);
    }

    /// Events whose number names a user or a module: they do not belong to the line of any point.
    private WalkNote notOfAZone(Signal signal) {
        String of = plan.events().numbered(signal.event()).words(signal.zone());
        String words = plan.events().words(signal);
        return new WalkNote(
                Kind.TRAFFIC,
                Optional.empty(),
                Optional.empty(),
                of.isEmpty() ? words : Text.of("%s, %s", words, of),
                signal.event().startsWith(ROUTINE) ? "" : "No line of the plan waits for it.",
                Optional.empty(),
                Optional.empty(),
                0);
    }

    private static WalkNote unknown(Signal signal) {
        if (signal.event().startsWith(ROUTINE)) {
            return new WalkNote(
                    Kind.TRAFFIC,
                    Optional.empty(),
                    Optional.empty(),
                    "A test or other routine signal",
                    "",
                    Optional.empty(),
                    Optional.empty(),
                    0);
        }
        return WalkNote.wrong(
                Kind.UNKNOWN,
                Optional.empty(),
                Text.of("%s · %s · %s fits no line", signal.event(), signal.areaDigits(), signal.zoneDigits()),
                "The plan has nothing that sends it. A zone may be on that nobody planned.",
                null);
    }

    static WalkNote several(Signal signal) {
        return new WalkNote(
                Kind.TRAFFIC,
                Optional.empty(),
                Optional.empty(),
                Text.of("%s · %s · %s fits several lines", signal.event(), signal.areaDigits(), signal.zoneDigits()),
                "Press the line that you are at: nobody can tell from the signal which one it shows.",
                Optional.empty(),
                Optional.empty(),
                0);
    }

    static WalkNote outOfTurn(AcceptanceLine line, Signal signal) {
        return new WalkNote(
                Kind.OUT_OF_TURN,
                Optional.of(line.id()),
                Optional.empty(),
                Text.of(
                        "%s: %s came, and what comes before it did not",
                        line.title(), Expected.of(signal).words()),
                "It shows nothing: the line begins with its first signal.",
                Optional.empty(),
                Optional.empty(),
                0);
    }

    static WalkNote other(AcceptanceLine came, AcceptanceLine here) {
        return WalkNote.wrong(
                Kind.OTHER_DEVICE,
                Optional.of(here),
                Text.of("%s came, and you are at %s", came.title(), here.title()),
                Text.of(
                        "Either somebody passed %s, or the two are wired to each other's inputs. Go to %s and see.",
                        came.title(), came.title()),
                Link.INPUT);
    }

    static WalkNote swapped(AcceptanceLine came, AcceptanceLine here) {
        return WalkNote.wrong(
                        Kind.SWAPPED,
                        Optional.of(came),
                        Text.of("%s and %s are swapped", here.title(), came.title()),
                        "Each answers for the other: swap their loops at the inputs, or their zones in the plan.",
                        Link.INPUT)
                .alsoOf(here);
    }

    static WalkNote noRestore(AcceptanceLine line) {
        return WalkNote.wrong(
                Kind.NO_RESTORE,
                Optional.of(line),
                line.title() + ": no restore",
                Text.of(
                        "It came more than %d s ago and its end did not. It is still active, or restores are switched off.",
                        LiveWalk.RESTORE_MILLIS / 1000),
                Link.EVENT);
    }
}
