package io.answerback.files;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import io.answerback.core.model.profile.Decision;
import io.answerback.core.model.profile.PanelProfile;
import io.answerback.core.setup.Completeness;
import io.answerback.files.ProfileDraft.Part;
import io.answerback.files.ProfileDraft.Shape;
import io.answerback.files.exchange.FoundCsv;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/// A profile while it is filled in, and one that says only what differs from another.
class ProfileDraftTest {
    @TempDir
    Path folder;

    private static Part part(ProfileDraft draft, List<String> path, String key) {
        return draft.parts(path).stream()
                .filter(part -> part.key().equals(key))
                .findFirst()
                .orElseThrow();
    }

    @ParameterizedTest
    @ValueSource(strings = {"sample-a", "sample-b", "sample-c", "sample-d"})
    void aDraftOfAShippedProfileIsThatProfile(String id) {
        PanelProfile shipped = DataFiles.profile(id);
        assertThat(ProfileDraft.of(shipped).problems()).isEmpty();
        assertThat(ProfileDraft.of(shipped).profile()).contains(shipped);
    }

    @Test
    void aBlankProfileIsSoundAndSaysWhatIsWanting() {
        PanelProfile blank = ProfileDraft.blank("Works panel").profile().orElseThrow();
        assertThat(blank.id()).isEqualTo("works-panel");
        assertThat(Completeness.of(blank).get(Completeness.Part.LOOP)).isEmpty();
        assertThat(Completeness.of(blank).get(Completeness.Part.SURVEY)).contains("a kind of keypad");
        assertThat(Completeness.of(blank).get(Completeness.Part.SET_UP)).contains("the setting for entry time");
    }

    @Test
    void everyPlaceTakesWhatItsSchemaAllows() {
        ProfileDraft draft = ProfileDraft.of(DataFiles.profile("sample-b"));
        assertThat(part(draft, List.of(), "capacity").shape()).isEqualTo(Shape.PARTS);
        assertThat(draft.with(List.of("capacity", "areas"), "8")
                        .profile()
                        .orElseThrow()
                        .capacity()
                        .areas())
                .isEqualTo(8);
        assertThatThrownBy(() -> draft.with(List.of("capacity", "areas"), "many"))
                .hasMessage("Areas is \"many\"; type a figure");
        assertThatThrownBy(() -> draft.with(List.of("capacity", "areas"), "500"))
                .hasMessageContaining("1 to 99");
        assertThatThrownBy(() -> draft.with(List.of("capacity", "areas"), "2.5"))
                .hasMessageContaining("whole number");
        assertThatThrownBy(() -> draft.with(List.of("modules", "1", "sort"), "TOASTER"))
                .hasMessageContaining("it is one of [BOARD");
    }

    @Test
    void aDraftThatContradictsItselfSaysSoUntilItIsMended() {
        ProfileDraft draft = ProfileDraft.of(DataFiles.profile("sample-b"));
        ProfileDraft small = draft.with(List.of("capacity", "zones"), "20");
        assertThat(small.profile()).isEmpty();
        assertThat(small.problems()).singleElement().asString().contains("its capacity says 20 zones");
        assertThat(small.with(List.of("capacity", "zones"), "64").problems()).isEmpty();
    }

    @Test
    void aSettingIsAddedPlaceByPlace() {
        ProfileDraft draft = ProfileDraft.blank("Works panel").adding(List.of("setup"));
        draft = draft.adding(List.of("setup", "settings"));
        List<String> setting = List.of("setup", "settings", "0");
        assertThat(part(draft, setting, "place").shape()).isEqualTo(Shape.ABSENT);
        draft = draft.with(List.of("setup", "settings", "0", "decision"), "ENTRY_TIME")
                .with(List.of("setup", "settings", "0", "form", "kind"), "COUNT")
                .adding(List.of("setup", "settings", "0", "form", "unit"))
                .with(List.of("setup", "settings", "0", "form", "unit"), "s")
                .adding(List.of("setup", "settings", "0", "form", "step"))
                .with(List.of("setup", "settings", "0", "form", "step"), "10")
                .adding(List.of("setup", "settings", "0", "form", "most"))
                .with(List.of("setup", "settings", "0", "form", "most"), "12");
        PanelProfile profile = draft.profile().orElseThrow();
        assertThat(profile.setup().settings().getFirst().decision()).isEqualTo(Decision.ENTRY_TIME);
        assertThat(draft.without(setting).profile().orElseThrow().setup().settings())
                .isEmpty();
    }

    @Test
    void aVariantSaysOnlyWhatDiffers() throws Exception {
        Path file = folder.resolve("b-small" + SettingsFile.PROFILE_ENDING);
        Files.writeString(file, """
                {"like": "sample-b", "id": "b-small", "name": "Sample panel B, small",
                 "capacity": {"users": 10},
                 "setup": {"settings": [
                   {"id": "quick", "gone": true},
                   {"id": "sounder", "form": {"step": 1}}]}}
                """);
        PanelProfile small = SettingsFile.profile(file);
        PanelProfile whole = DataFiles.profile("sample-b");
        assertThat(small.capacity().users()).isEqualTo(10);
        assertThat(small.capacity().zones()).isEqualTo(whole.capacity().zones());
        assertThat(small.setup().setting("quick")).isEmpty();
        assertThat(small.setup().setting("sounder").orElseThrow().form().step()).isEqualTo(1);
        assertThat(small.setup().setting("sounder").orElseThrow().form().most()).isEqualTo(15);
        assertThat(small.modules()).isEqualTo(whole.modules());
    }

    @Test
    void variantsOfNothingOrOfEachOtherAreRefused() throws Exception {
        Path orphan = folder.resolve("orphan" + SettingsFile.PROFILE_ENDING);
        Files.writeString(orphan, "{\"like\": \"nobody\", \"id\": \"orphan\"}");
        assertThatThrownBy(() -> SettingsFile.profile(orphan))
                .hasMessageContaining("it is like profile \"nobody\", which is not here");
        Files.writeString(folder.resolve("one" + SettingsFile.PROFILE_ENDING), "{\"like\": \"two\", \"id\": \"one\"}");
        Path two = folder.resolve("two" + SettingsFile.PROFILE_ENDING);
        Files.writeString(two, "{\"like\": \"one\", \"id\": \"two\"}");
        assertThatThrownBy(() -> SettingsFile.profile(two)).hasMessageContaining("like each other in a circle");
    }

    @Test
    void aTableOfReadingsIsReadAsFarAsItMeansSomething() throws Exception {
        Path file = folder.resolve("read.csv");
        Files.writeString(file, """
                setting,number,entry
                entry,1,045
                Sounder,,5
                sounder,0,99
                toaster,0,1
                entry,x,030
                """);
        FoundCsv.Read read = FoundCsv.read(file, DataFiles.profile("sample-b").setup());
        assertThat(read.found()).hasSize(2);
        assertThat(read.refused()).hasSize(3).satisfies(refused -> {
            assertThat(refused.get(0)).startsWith("row 4: \"99\" cannot stand at Sounder");
            assertThat(refused.get(1)).isEqualTo("row 5: this panel has no setting \"toaster\"");
            assertThat(refused.get(2)).isEqualTo("row 6: \"x\" is no number");
        });
        Files.writeString(file, "a,b\n1,2\n");
        assertThatThrownBy(
                        () -> FoundCsv.read(file, DataFiles.profile("sample-b").setup()))
                .hasMessageContaining("no column \"setting\"");
    }
}
