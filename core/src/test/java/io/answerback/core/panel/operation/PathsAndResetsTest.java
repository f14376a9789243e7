package io.answerback.core.panel.operation;

import static org.assertj.core.api.Assertions.assertThat;

import io.answerback.core.model.profile.Decision.ResetBy;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;

/// What leaves while paths are lost, and what a panel waits for after a confirmed alarm.
class PathsAndResetsTest extends SteppedSite {
    private void paths(int paths) {
        with(new OperationRules(
                rules.areas(),
                rules.zones(),
                rules.users(),
                rules.outputs(),
                rules.times(),
                rules.options(),
                rules.manners(),
                paths));
    }

    private List<Long> late() {
        return log.stream()
                .filter(line -> line.signal().isPresent())
                .map(Logged::lateMillis)
                .toList();
    }

    @Test
    void whatComesUpWhileTheOnlyPathIsLostArrivesLate() {
        at(0, new Happening.Path(1, false));
        opens(3600, HELP);
        assertThat(sent()).isEmpty();
        at(7200, new Happening.Path(1, true));
        assertThat(sent()).containsExactly("1 350 0", "1 122 5", "3 350 0");
        assertThat(late()).containsExactly(7_200_000L, 3_600_000L, 0L);
    }

    @Test
    void aSecondPathCarriesWhatTheFirstCannot() {
        paths(2);
        at(0, new Happening.Path(1, false));
        opens(10, HELP);
        assertThat(sent()).containsExactly("1 350 0", "1 122 5");
        at(20, new Happening.Path(2, false));
        opens(30, FIRE);
        assertThat(sent()).hasSize(2);
        at(40, new Happening.Path(2, true));
        at(50, new Happening.Path(1, true));
        assertThat(sent()).endsWith("1 110 6", "3 350 0");
    }

    @Test
    void nothingLeavesWhileTheCommunicatorIsOff() {
        paths(2);
        at(0, new Happening.Path(0, false));
        opens(10, HELP);
        assertThat(sent()).isEmpty();
        at(20, new Happening.Path(0, true));
        assertThat(sent()).containsExactly("1 350 0", "1 122 5", "3 350 0");
    }

    @Test
    void anAreaWaitsForItsResetByWhomItWasDecided() {
        with(new StoryPanel(
                        Optional.empty(),
                        Optional.empty(),
                        Optional.empty(),
                        Optional.empty(),
                        Optional.of(ResetBy.ENGINEER))
                .on(rules));
        set(0);
        opens(70, WINDOW);
        opens(80, OTHER);
        assertThat(sent()).contains("1 139 4");
        Stream.of(WINDOW, OTHER).forEach(zone -> shuts(90, zone));
        unset(1000);
        set(1010);
        at(1020, new Happening.Reset(ResetBy.STATION));
        set(1030);
        assertThat(mode()).isEqualTo(AreaMode.UNSET_AFTER_ALARM);
        at(1040, new Happening.Reset(ResetBy.ENGINEER));
        set(1050);
        assertThat(mode()).isEqualTo(AreaMode.LEAVING);
    }

    @Test
    void aPanelThatStartsAgainSaysSo() {
        at(0, new Happening.PowerGone());
        at(60, new Happening.PowerBack());
        assertThat(sent()).containsExactly("1 305 0");
    }
}
