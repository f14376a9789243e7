package io.answerback.core.report.control;

import static org.assertj.core.api.Assertions.assertThat;

import io.answerback.core.model.unit.TextCommand;
import io.answerback.core.model.unit.TextControl;
import java.time.Instant;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class UnitModelTest {
    private static final String OWNER = "+99900000001";
    private static final String USER = "+99900000002";
    private static final String STRANGER = "+99900000003";
    private static final Instant NOW = Instant.parse("2026-05-12T09:00:00Z");
    private static final TextControl CONTROL = new TextControl(
            Map.of(
                    TextCommand.SET, "{password} close up",
                    TextCommand.UNSET, "{password} open up",
                    TextCommand.SOUNDER_OFF, "{password} quiet",
                    TextCommand.STATUS, "{password} how is it",
                    TextCommand.ADD, "{password} welcome {number}",
                    TextCommand.REMOVE, "{password} farewell {number}",
                    TextCommand.PASSWORD, "{password} becomes {new}"),
            "2468",
            true,
            3,
            3,
            30);

    private final UnitModel model = new UnitModel(CONTROL, Feedback.KNOWN);
    private UnitState state = UnitState.fresh("2468");
    private int seconds;

    @Test
    void theFirstWhoCallsBecomesAdministratorAndIsWarnedBefore() {
        assertThat(model.warning(state, OWNER))
                .hasValueSatisfying(words -> assertThat(words).contains(OWNER));
        UnitStep step = model.call(state, OWNER);
        assertThat(step.state().administrator()).contains(OWNER);
        assertThat(step.replies()).extracting(UnitStep.Reply::to).containsExactly(OWNER);
        assertThat(model.warning(step.state(), USER)).isEmpty();
        assertThat(model.call(step.state(), STRANGER).state().administrator()).contains(OWNER);
    }

    @Test
    void itSetsSilencesAndAnswersTheStatus() {
        state = model.call(state, OWNER).state();
        assertThat(text(OWNER, "2468 close up")).isEqualTo("Set.");
        assertThat(state.set()).isTrue();
        state = UnitModel.alarm(state, "Gallery: burglary.", List.of(OWNER)).state();
        assertThat(state.sounding()).isTrue();
        assertThat(text(OWNER, "2468  QUIET ")).isEqualTo("Sounder off, still set.");
        assertThat(state.sounding()).isFalse();
        assertThat(state.set()).isTrue();
        assertThat(text(OWNER, "2468 how is it")).isEqualTo("Set; in1 closed; in2 open.");
        state = UnitModel.alarm(state, "Gallery: burglary.", List.of(OWNER)).state();
        assertThat(text(OWNER, "2468 open up")).isEqualTo("Unset.");
        assertThat(state.sounding()).isFalse();
    }

    @Test
    void onlyItsAdministratorManagesNumbersAndThePassword() {
        state = model.call(state, OWNER).state();
        assertThat(text(OWNER, "2468 welcome 0900 12")).contains("country code");
        assertThat(text(OWNER, "2468 welcome " + USER)).isEqualTo(USER + " added.");
        assertThat(text(USER, "2468 welcome " + STRANGER)).contains("Only the administrator");
        assertThat(text(OWNER, "2468 welcome +99900000004")).endsWith("added.");
        assertThat(text(OWNER, "2468 welcome +99900000005")).contains("No room");
        assertThat(text(OWNER, "2468 becomes 99")).contains("4 to 12");
        assertThat(text(OWNER, "2468 becomes 9753")).isEqualTo("Password changed.");
        assertThat(text(USER, "2468 close up")).isEqualTo("Wrong password.");
        assertThat(text(USER, "9753 close up")).isEqualTo("Set.");
        assertThat(text(OWNER, "9753 farewell " + USER)).isEqualTo(USER + " removed.");
        assertThat(text(USER, "9753 open up")).isEmpty();
    }

    @Test
    void aStrangerLearnsNothingAndWrongPasswordsEndTheAnswers() {
        state = model.call(state, OWNER).state();
        text(OWNER, "2468 welcome " + USER);
        assertThat(text(STRANGER, "2468 close up")).isEmpty();
        assertThat(state.set()).isFalse();
        for (int i = 0; i < 3; i++) {
            assertThat(text(USER, "000%d close up".formatted(i))).isEqualTo("Wrong password.");
        }
        assertThat(text(USER, "2468 close up")).isEmpty();
        assertThat(state.set()).isFalse();
    }

    @Test
    void theSameTextAgainIsACopyUntilItsTimeIsOver() {
        state = model.call(state, OWNER).state();
        UnitStep first = model.text(state, OWNER, "2468 close up", NOW, List.of());
        UnitStep second = model.text(first.state(), OWNER, "2468 close up", NOW.plusSeconds(29), List.of());
        UnitStep third = model.text(first.state(), OWNER, "2468 close up", NOW.plusSeconds(30), List.of());
        assertThat(second.replies()).isEmpty();
        assertThat(second.says()).contains("copy");
        assertThat(third.replies()).hasSize(1);
    }

    @ParameterizedTest
    @CsvSource({"2468 dance", "close up", "2468", "''", "2468 welcome", "2468 close up now"})
    void whatFitsNoPatternIsNotUnderstood(String text) {
        state = model.call(state, OWNER).state();
        assertThat(text(OWNER, text)).isEqualTo("Not understood.");
        assertThat(state.set()).isFalse();
    }

    @Test
    void everyLetterAndAThousandOfThemAreOnlyText() {
        state = model.call(state, OWNER).state();
        String odd = "2468 \u0000\uD83D\uDE00(.*[{password}]\\E $1".repeat(40);
        assertThat(text(OWNER, odd)).isEqualTo("Not understood.");
        assertThat(state.knows(OWNER)).isTrue();
    }

    private String text(String from, String text) {
        seconds += 60;
        UnitStep step = model.text(state, from, text, NOW.plusSeconds(seconds), List.of("in1 closed", "in2 open"));
        state = step.state();
        assertThat(step.says()).isNotBlank();
        return Optional.of(step.replies())
                .filter(replies -> !replies.isEmpty())
                .map(replies -> replies.getFirst().text())
                .orElse("");
    }

    @Test
    void withoutWordOfThePanelItConfirmsNothingAndAPulseMayUnset() {
        UnitModel blind = new UnitModel(CONTROL, Feedback.UNKNOWN_PULSE);
        state = model.call(state, OWNER).state();
        UnitStep first = blind.text(state, OWNER, "2468 close up", NOW, List.of());
        assertThat(first.replies()).extracting(UnitStep.Reply::text).containsExactly("Command given.");
        assertThat(first.state().set()).isTrue();
        UnitStep second = blind.text(first.state(), OWNER, "2468 close up", NOW.plusSeconds(60), List.of());
        assertThat(second.state().set()).isFalse();
        assertThat(blind.text(second.state(), OWNER, "2468 how is it", NOW.plusSeconds(120), List.of())
                        .replies())
                .extracting(UnitStep.Reply::text)
                .containsExactly("Set or unset: not known.");
        UnitModel held = new UnitModel(CONTROL, Feedback.UNKNOWN_HELD);
        assertThat(held.text(first.state(), OWNER, "2468 close up", NOW.plusSeconds(60), List.of())
                        .state()
                        .set())
                .isTrue();
    }
}
