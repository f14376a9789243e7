package io.answerback.core.report.control;

import io.answerback.core.model.common.Text;
import io.answerback.core.model.unit.TextCommand;
import io.answerback.core.model.unit.TextControl;
import java.time.Duration;
import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/// What a communicator of a make does when it is called or gets a text message, by the patterns and figures of
/// its profile. It answers only numbers it knows; a stranger learns nothing.
public final class UnitModel {
    private static final String GIVEN = "Command given.";
    private static final int LONGEST_NUMBER = 15;
    private static final String NUMBER = "\\+[0-9]{6,15}";

    private final TextControl control;
    private final Feedback feedback;

    /// A model of a make.
    ///
    /// @param feedback what the panel tells it of its state
    public UnitModel(TextControl control, Feedback feedback) {
        this.control = control;
        this.feedback = feedback;
    }

    /// What happens when a call or text from a number would make it the administrator; empty when it would not.
    /// To be said before it happens.
    public Optional<String> warning(UnitState state, String from) {
        return control.firstIsAdministrator() && state.administrator().isEmpty()
                ? Optional.of(Text.of(
                        "Nobody manages this communicator yet. The first number that calls or writes becomes its administrator for good: %s. Is that the right person?",
                        from))
                : Optional.empty();
    }

    /// A call from a number. It is never taken.
    public UnitStep call(UnitState state, String from) {
        if (warning(state, from).isPresent()) {
            return administrator(state, from);
        }
        return UnitStep.silent(
                state,
                state.knows(from) ? "It rejects the call: it is worked by text." : "A stranger: it rejects the call.");
    }

    private static UnitStep administrator(UnitState state, String from) {
        return UnitStep.answered(
                state.withAdministrator(from),
                from,
                "You are the administrator now. Change the password first.",
                from + " became the administrator: the first to call or write.");
    }

    /// A text from a number.
    ///
    /// @param at when it arrived
    /// @param inputs what each input reads, in words, for a status
    public UnitStep text(UnitState state, String from, String text, Instant at, List<String> inputs) {
        if (copy(state, from, text, at)) {
            return UnitStep.silent(state, "The same text again: taken for a copy and not carried out twice.");
        }
        UnitState now = state.withLast(new UnitState.Last(from, text.strip(), at));
        if (warning(now, from).isPresent()) {
            return administrator(now, from);
        }
        if (!now.knows(from)) {
            return UnitStep.silent(now, "A number it does not know: no answer, so that a stranger learns nothing.");
        }
        if (now.wrong().getOrDefault(from, 0) >= control.wrongPasswords()) {
            return UnitStep.silent(
                    now,
                    "This number sent too many wrong passwords: no answer, until an administrator removes and adds it.");
        }
        return WrittenCommand.read(control, text)
                .map(command -> known(now, from, command, inputs))
                .orElseGet(() -> UnitStep.answered(
                        now, from, "Not understood.", "The text fits no pattern of its manual: nothing is done."));
    }

    private boolean copy(UnitState state, String from, String text, Instant at) {
        return state.last()
                .filter(last -> last.from().equals(from) && last.text().equals(text.strip()))
                .map(last -> Duration.between(last.at(), at))
                .filter(since -> since.compareTo(Duration.ofSeconds(control.repeatSeconds())) < 0)
                .isPresent();
    }

    private UnitStep known(UnitState state, String from, WrittenCommand command, List<String> inputs) {
        if (!command.password().equals(state.password())) {
            int times = state.wrong().getOrDefault(from, 0) + 1;
            boolean last = times >= control.wrongPasswords();
            return UnitStep.answered(
                    state.withWrong(from, times),
                    from,
                    "Wrong password.",
                    last
                            ? "One wrong password too many: this number is no longer answered."
                            : Text.of("Wrong password, %d of %d in a row.", times, control.wrongPasswords()));
        }
        return carriedOut(state.withWrong(from, 0), from, command, inputs);
    }

    private UnitStep carriedOut(UnitState state, String from, WrittenCommand command, List<String> inputs) {
        return switch (command.command()) {
            case SET -> setting(state, from, true);
            case UNSET -> setting(state, from, false);
            case SOUNDER_OFF ->
                UnitStep.answered(
                        state.withSounding(false),
                        from,
                        state.set() && feedback == Feedback.KNOWN ? "Sounder off, still set." : "Sounder off.",
                        "Sounders are silent; the site stays as it was.");
            case STATUS -> UnitStep.answered(state, from, status(state, inputs), "It says what each input reads.");
            case ADD, REMOVE, PASSWORD -> managed(state, from, command);
        };
    }

    private UnitStep setting(UnitState state, String from, boolean set) {
        return switch (feedback) {
            case KNOWN -> {
                String word = set ? "Set." : "Unset.";
                yield UnitStep.answered(
                        state.withSet(set), from, word, set ? "The site is set." : "The site is unset.");
            }
            case UNKNOWN_HELD ->
                UnitStep.answered(
                        state.withSet(set),
                        from,
                        GIVEN,
                        "Its contact says what it wants. Whether the panel obeyed it does not know: no output tells it.");
            case UNKNOWN_PULSE ->
                UnitStep.answered(
                        state.withSet(!state.set()),
                        from,
                        GIVEN,
                        Text.of(
                                "Its pulse changed the panel over: the site is %s now. It does not know: no output tells it.",
                                state.set() ? "unset" : "set"));
        };
    }

    private UnitStep managed(UnitState state, String from, WrittenCommand command) {
        if (state.administrator().filter(from::equals).isEmpty()) {
            return UnitStep.answered(
                    state,
                    from,
                    "Only the administrator may do this.",
                    "A user tried what only the administrator may.");
        }
        if (command.command() == TextCommand.PASSWORD) {
            return password(state, from, command.other());
        }
        return command.command() == TextCommand.ADD
                ? added(state, from, command.number())
                : removed(state, from, command.number());
    }

    private UnitStep added(UnitState state, String from, String number) {
        if (!number.matches(NUMBER)) {
            return UnitStep.answered(
                    state,
                    from,
                    "Write the number with + and its country code.",
                    Text.of("A number has + and 6 to %d digits; nobody was added.", LONGEST_NUMBER));
        }
        if (state.knows(number)) {
            return UnitStep.answered(state, from, number + " is there already.", "Nothing to add.");
        }
        if (state.numbers().size() + 1 >= control.mostNumbers()) {
            return UnitStep.answered(
                    state, from, "No room for another number.", "It keeps " + control.mostNumbers() + " numbers.");
        }
        return UnitStep.answered(
                state.withNumber(number).withWrong(number, 0),
                from,
                number + " added.",
                number + " may give commands from now on.");
    }

    private static UnitStep removed(UnitState state, String from, String number) {
        if (!state.numbers().contains(number)) {
            return UnitStep.answered(
                    state,
                    from,
                    number + " is not in the list.",
                    "Nothing to remove; an administrator cannot be removed.");
        }
        return UnitStep.answered(
                state.withoutNumber(number), from, number + " removed.", number + " can no longer give commands.");
    }

    private static UnitStep password(UnitState state, String from, String other) {
        if (!other.matches(io.answerback.core.model.unit.TextControl.PASSWORD)) {
            return UnitStep.answered(
                    state, from, "A password has 4 to 12 letters or digits.", "The old password stays.");
        }
        return UnitStep.answered(
                state.withPassword(other), from, "Password changed.", "The password of the factory no longer works.");
    }

    private String status(UnitState state, List<String> inputs) {
        List<String> lines = new ArrayList<>();
        lines.add(feedback == Feedback.KNOWN ? state.set() ? "Set" : "Unset" : "Set or unset: not known");
        if (state.sounding()) {
            lines.add("sounding");
        }
        lines.addAll(inputs);
        return String.join("; ", lines) + ".";
    }

    /// An alarm: sounders sound, and it tells those who are to be told.
    ///
    /// @param message what they are sent
    /// @param to the numbers that are told
    public static UnitStep alarm(UnitState state, String message, List<String> to) {
        return new UnitStep(
                state.withSounding(true),
                to.stream().map(number -> new UnitStep.Reply(number, message)).toList(),
                to.isEmpty()
                        ? "An alarm: nobody is told by text."
                        : "An alarm: it sounds and tells " + (to.size() == 1 ? "one person." : to.size() + " people."));
    }
}
