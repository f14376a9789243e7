package io.answerback.files;

import static org.assertj.core.api.Assertions.assertThat;

import io.answerback.core.model.profile.Decision;
import io.answerback.core.model.profile.EntryForm;
import io.answerback.core.model.profile.Setting;
import io.answerback.core.model.profile.SettingValue;
import io.answerback.core.model.site.Job;
import io.answerback.core.setup.CatalogueCheck;
import io.answerback.core.setup.Entries;
import io.answerback.core.setup.EntryStep;
import io.answerback.core.setup.RunSheet;
import io.answerback.core.setup.SetupEdits;
import io.answerback.core.survey.capacity.CapacityEdits;
import io.answerback.files.demo.DemoJobs;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import net.jqwik.api.Arbitraries;
import net.jqwik.api.Arbitrary;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.Provide;
import org.junit.jupiter.api.Test;

/// The settings of the panels that ship: every entry means something, and that is typed as it was.
class SetupProfilesTest {
    /// A setting of a shipped panel and something that can be typed there.
    record Case(String profile, Setting setting, String entry) {}

    @Provide
    Arbitrary<Case> typed() {
        List<Case> settings = DataFiles.profiles().stream()
                .flatMap(profile -> profile.setup().settings().stream()
                        .filter(setting -> setting.form().kind() != EntryForm.Kind.SECRET)
                        .map(setting -> new Case(profile.id(), setting, "")))
                .toList();
        return Arbitraries.of(settings)
                .flatMap(one -> entries(one.setting()).map(entry -> new Case(one.profile(), one.setting(), entry)));
    }

    private static Arbitrary<String> entries(Setting setting) {
        EntryForm form = setting.form();
        return switch (form.kind()) {
            case COUNT ->
                Arbitraries.integers()
                        .between(form.least(), form.most())
                        .map(count -> form.digits() == 0
                                ? String.valueOf(count)
                                : ("%0" + form.digits() + "d").formatted(count));
            case OPTION ->
                Arbitraries.of(
                        form.options().stream().map(EntryForm.Option::entry).toList());
            case LIST ->
                Arbitraries.integers()
                        .between(1, form.most())
                        .set()
                        .map(numbers -> numbers.stream()
                                .sorted()
                                .map(String::valueOf)
                                .collect(Collectors.joining(form.separator())));
            case PLACES ->
                Arbitraries.of(form.separator().charAt(0), form.separator().charAt(1))
                        .list()
                        .ofSize(form.most())
                        .map(signs -> signs.stream().map(String::valueOf).collect(Collectors.joining()));
            case WORDS -> Arbitraries.strings().alpha().ofMaxLength(form.most());
            case SECRET -> throw new IllegalStateException();
        };
    }

    @Property(tries = 3000)
    void whatAnEntryMeansIsTypedAsThatEntry(@ForAll("typed") Case one) {
        Optional<SettingValue> value = Entries.value(one.setting(), one.entry());
        assertThat(value).as("%s takes \"%s\"", one.setting().id(), one.entry()).isPresent();
        Decision decision = one.setting().decision();
        if (decision.kind() != Decision.Kind.WORDS) {
            assertThat(decision.read(value.get().text())).isEqualTo(value.get());
        }
        assertThat(Entries.typing(one.setting(), value.get()).entry()).contains(one.entry());
    }

    @Test
    void noShippedPanelContradictsItself() {
        DataFiles.profiles()
                .forEach(profile -> assertThat(CatalogueCheck.of(profile.setup()))
                        .as(profile.name())
                        .isEmpty());
    }

    @Test
    void everySettingOfEveryPanelStandsWhereItCanBeFound() {
        DataFiles.profiles()
                .forEach(profile -> assertThat(profile.setup().settings())
                        .allSatisfy(setting -> assertThat(setting.at()).isNotBlank()));
    }

    /// The same intent on three makes of panel: other entries at other places that mean the same.
    @Test
    void oneIntentIsTypedDifferentlyAndMeansTheSame() {
        Job pottery = SetupEdits.decide(Decision.ENTRY_TIME, 1, "40").on(DemoJobs.job(2));
        Job onB = CapacityEdits.panel(DataFiles.profile("sample-b")).on(pottery);
        Job onC = CapacityEdits.panel(DataFiles.profile("sample-c")).on(pottery);
        List<EntryStep> entry = Stream.of(pottery, onB, onC)
                .map(job -> RunSheet.of(job).step(Decision.ENTRY_TIME, 1).orElseThrow())
                .toList();
        assertThat(entry).extracting(step -> step.entry().orElseThrow()).containsExactly("04", "040", "8");
        assertThat(entry)
                .extracting(step -> String.join(" > ", step.where()))
                .containsExactly(
                        "Programme book > Clock page > 401",
                        "2 Times > 1 By area > Entry, area 1",
                        "Engineer's list > House > Coming 1");
        assertThat(entry)
                .extracting(step -> Entries.value(step.setting(), step.entry().orElseThrow())
                        .orElseThrow())
                .containsOnly(new SettingValue.Amount(40));
        // three minutes: six counts of half a minute, none in steps of two, three of one
        List<EntryStep> sounder = Stream.of(pottery, onB, onC)
                .map(job -> SetupEdits.decide(Decision.SOUNDER_TIME, 0, "3").on(job))
                .map(job -> RunSheet.of(job).step(Decision.SOUNDER_TIME, 0).orElseThrow())
                .toList();
        assertThat(sounder).extracting(step -> step.entry().orElse("-")).containsExactly("06", "-", "3");
        assertThat(sounder.get(1).problem()).isEqualTo("the panel counts in steps: 2 min or 4 min");
    }

    @Test
    void zonesMeanTheSameOnEveryPanelThatKnowsTheirBehaviour() {
        Job pottery = DemoJobs.job(2);
        for (String panel : List.of("sample-b", "sample-c", "sample-d")) {
            Job other = CapacityEdits.panel(DataFiles.profile(panel)).on(pottery);
            RunSheet sheet = RunSheet.of(other);
            List<Integer> zones =
                    new ArrayList<>(IntStream.rangeClosed(1, 3).boxed().toList());
            zones.removeIf(zone -> other.zone(zone).isEmpty());
            assertThat(zones).isNotEmpty();
            zones.forEach(zone -> {
                EntryStep step = sheet.step(Decision.ZONE_BEHAVIOUR, zone).orElseThrow();
                assertThat(Entries.value(step.setting(), step.entry().orElseThrow()))
                        .contains(new SettingValue.Chosen(
                                other.zone(zone).orElseThrow().type().name()));
            });
        }
    }
}
