package io.answerback.core.wiring.cores;

import static io.answerback.core.testing.SmallBox.SIX;
import static org.assertj.core.api.Assertions.assertThat;

import io.answerback.core.model.cable.CableType;
import io.answerback.core.model.practice.CoreConvention;
import io.answerback.core.model.practice.CoreUse;
import io.answerback.core.testing.SmallJob;
import io.answerback.core.testing.SmallParts;
import java.util.HashSet;
import java.util.List;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.IntRange;
import org.junit.jupiter.api.Test;

class CoreColoursTest {
    private static List<CoreNeed> needs(CoreUse... uses) {
        return List.of(uses).stream().map(CoreNeed::shared).toList();
    }

    @Test
    void theFirmsOwnColoursComeFirst() {
        CoreConvention own = new CoreConvention(
                java.util.Map.of(CoreUse.LOOP, List.of("white"), CoreUse.LOOP_RETURN, List.of("blue")));
        CoreColours colours = CoreColours.of(
                SIX,
                needs(CoreUse.LOOP, CoreUse.LOOP_RETURN, CoreUse.SUPPLY, CoreUse.SUPPLY_RETURN),
                java.util.Map.of(),
                own);
        assertThat(colours.colour(CoreUse.LOOP)).contains("white");
        assertThat(colours.colour(CoreUse.LOOP_RETURN)).contains("blue");
        // nothing is said about the supply: it takes what is left, in the order of the cores
        assertThat(colours.colour(CoreUse.SUPPLY)).contains("red");
    }

    @Test
    void whereCoresAreShortTheLoopComesFirstWhateverTheColours() {
        CableType four =
                SmallParts.cableType("4", "4", SmallJob.THIN, SIX.colours().subList(0, 4), false, false);
        CoreConvention tamperOnly = new CoreConvention(java.util.Map.of(
                CoreUse.TAMPER, List.of(four.colours().get(0), four.colours().get(1)),
                CoreUse.TAMPER_RETURN,
                        List.of(four.colours().get(2), four.colours().get(3))));
        CoreColours colours = CoreColours.of(
                four,
                needs(
                        CoreUse.LOOP,
                        CoreUse.LOOP_RETURN,
                        CoreUse.SUPPLY,
                        CoreUse.SUPPLY_RETURN,
                        CoreUse.TAMPER,
                        CoreUse.TAMPER_RETURN),
                java.util.Map.of(),
                tamperOnly);
        assertThat(colours.lacking()).extracting(CoreNeed::use).containsExactly(CoreUse.TAMPER, CoreUse.TAMPER_RETURN);
        assertThat(colours.colour(CoreUse.SUPPLY_RETURN)).isPresent();
    }

    @Test
    void aDoubledLoopLeavesTheTamperPairItsCores() {
        List<CoreNeed> doubled = needs(
                CoreUse.LOOP,
                CoreUse.LOOP_RETURN,
                CoreUse.TAMPER,
                CoreUse.TAMPER_RETURN,
                CoreUse.LOOP,
                CoreUse.LOOP_RETURN);
        CableType five =
                SmallParts.cableType("5", "5", SmallJob.THIN, SIX.colours().subList(0, 5), false, false);
        CoreColours colours = CoreColours.of(five, doubled, java.util.Map.of(), CoreConvention.usual());
        assertThat(colours.colour(CoreUse.TAMPER)).isPresent();
        assertThat(colours.colour(CoreUse.TAMPER_RETURN)).isPresent();
        assertThat(colours.lacking()).extracting(CoreNeed::use).containsExactly(CoreUse.LOOP_RETURN);
    }

    /// Whatever is needed of however many cores: no core has two uses, every need is met or lacking, and what
    /// is met and what is spare is all there is.
    @Property
    void everyCoreHasOneUse(
            @ForAll @IntRange(min = 2, max = 6) int cores, @ForAll @IntRange(min = 0, max = 6) int needs) {
        CableType type =
                SmallParts.cableType("n", "n", SmallJob.THIN, SIX.colours().subList(0, cores), false, false);
        List<CoreNeed> wanted = needs(CoreUse.values()).subList(0, needs);
        CoreColours colours = CoreColours.of(type, wanted, java.util.Map.of(), CoreConvention.usual());
        List<CoreUse> met = colours.uses().values().stream()
                .map(CoreNeed::use)
                .filter(use -> use != CoreUse.SPARE)
                .toList();
        assertThat(new HashSet<>(met)).hasSize(met.size());
        assertThat(met.size() + colours.lacking().size()).isEqualTo(needs);
        assertThat(colours.uses()).hasSize(cores);
        assertThat(met).hasSize(Math.min(cores, needs));
    }
}
