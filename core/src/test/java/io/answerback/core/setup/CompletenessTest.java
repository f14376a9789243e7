package io.answerback.core.setup;

import static org.assertj.core.api.Assertions.assertThat;

import io.answerback.core.model.device.SchemeKind;
import io.answerback.core.model.profile.Band;
import io.answerback.core.model.profile.Decision;
import io.answerback.core.model.profile.EntryForm;
import io.answerback.core.model.profile.Meaning;
import io.answerback.core.model.profile.ModuleKind;
import io.answerback.core.model.profile.PanelProfile;
import io.answerback.core.model.profile.PowerOrder;
import io.answerback.core.model.profile.SchemeBands;
import io.answerback.core.model.profile.UnusedTermination;
import io.answerback.core.model.site.Job;
import io.answerback.core.setup.Completeness.Part;
import io.answerback.core.testing.SmallBands;
import io.answerback.core.testing.SmallBox;
import io.answerback.core.testing.SmallBus;
import io.answerback.core.testing.SmallJob;
import io.answerback.core.testing.SmallParts;
import io.answerback.core.testing.SmallSetup;
import java.util.List;
import java.util.function.UnaryOperator;
import org.junit.jupiter.api.Test;

/// What is still to be copied from the manual of a panel, part of the work by part of the work.
class CompletenessTest {
    private static List<String> missing(Part part, PanelProfile profile) {
        return Completeness.of(profile).get(part);
    }

    private static PanelProfile profile(Job job) {
        return job.panel().profile();
    }

    private static PanelProfile with(UnaryOperator<ModuleKind> change) {
        PanelProfile profile = SmallJob.profile(List.of(SmallBands.DOUBLE));
        return SmallParts.profile(
                profile.id(),
                profile.name(),
                5,
                4700,
                30,
                profile.schemes(),
                profile.capacity(),
                "",
                profile.modules().stream().map(change).toList());
    }

    @Test
    void everyPartIsLookedThrough() {
        assertThat(Completeness.of(profile(SmallJob.job()))).containsOnlyKeys(Part.values());
        assertThat(Part.values())
                .extracting(Part::title)
                .doesNotHaveDuplicates()
                .doesNotContain("");
    }

    @Test
    void aBoardWithInputsAndAKeypadIsEnoughForTheSurvey() {
        assertThat(missing(Part.SURVEY, profile(SmallJob.job()))).isEmpty();
    }

    @Test
    void bandsWithoutNormalOrAlarmAreAsked() {
        PanelProfile none = SmallJob.profile(List.of(new SchemeBands(
                SchemeKind.DOUBLE_END_OF_LINE,
                2200,
                4700,
                0,
                UnusedTermination.RESISTOR,
                List.of(new Band(0, 1000, Meaning.TAMPER)))));
        assertThat(missing(Part.LOOP, none)).singleElement().asString().startsWith("the band of double end-of-line");
        assertThat(missing(Part.LOOP, profile(SmallJob.job()))).isEmpty();
    }

    @Test
    void terminalsAreAskedOfEveryKindThatHasSome() {
        PanelProfile bare = profile(SmallJob.job());
        PanelProfile named = profile(SmallBox.job(SmallBox.SIX));
        String board = "the terminals of " + bare.board().name();
        assertThat(missing(Part.CABLE, bare)).contains(board);
        assertThat(missing(Part.CABLE, named))
                .doesNotContain(board)
                .hasSize(missing(Part.CABLE, bare).size() - 1);
    }

    @Test
    void aSupplyIsAskedOfTheBoardAndAConsumptionOfEveryKind() {
        PanelProfile bare = profile(SmallJob.job());
        assertThat(missing(Part.POWER, bare)).contains("what the board's supply gives and charges");
        PanelProfile supplied = with(kind -> kind.id().equals("board")
                ? kind.withSupply(SmallParts.supply(1000, 350, 7, 11.2, 10.5, PowerOrder.BATTERY_FIRST, 0))
                : kind);
        assertThat(missing(Part.POWER, supplied)).doesNotContain("what the board's supply gives and charges");
    }

    @Test
    void addressesAreAskedWhereThereIsABus() {
        assertThat(missing(Part.BUS, profile(SmallJob.job())))
                .containsExactly("how it addresses its modules and numbers their zones");
        assertThat(missing(Part.BUS, profile(SmallBus.job())))
                .noneMatch(says -> says.startsWith("how it addresses"))
                .noneMatch(says -> says.contains("of which the bus speaks"));
    }

    @Test
    void eachSettingThatIsWantedIsAskedUntilItIsThere() {
        List<String> bare = missing(Part.SET_UP, profile(SmallJob.job()));
        assertThat(bare)
                .contains("the setting for entry time", "the setting for exit time", "the setting for engineer code");
        List<String> some = missing(Part.SET_UP, profile(SmallSetup.job()));
        assertThat(some).contains("the setting for exit time").doesNotContain("the setting for entry time");
        assertThat(bare).hasSize(some.size() + 5);
    }

    @Test
    void aSettingThatContradictsItselfIsAmongWhatIsMissing() {
        PanelProfile odd = profile(SmallSetup.on(
                SmallJob.job(),
                SmallSetup.catalogue(SmallSetup.setting(
                        "odd", Decision.ENTRY_TIME, EntryForm.count("s", 0, 1, 2, 0), "", "", List.of()))));
        assertThat(missing(Part.SET_UP, odd)).anyMatch(says -> says.startsWith("The odd: its step is 0"));
    }
}
