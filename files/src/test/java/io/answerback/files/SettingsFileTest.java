package io.answerback.files;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import io.answerback.core.model.device.SchemeKind;
import io.answerback.core.model.practice.HouseRules;
import io.answerback.core.model.practice.PracticeOption;
import io.answerback.core.model.practice.PracticeQuestion;
import io.answerback.core.model.practice.Raise;
import io.answerback.core.model.practice.RuleFigure;
import io.answerback.core.model.profile.BandUnit;
import io.answerback.core.model.profile.InputModel;
import io.answerback.core.model.profile.PanelProfile;
import io.answerback.core.model.profile.SchemeBands;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Map;
import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class SettingsFileTest {
    @TempDir
    Path folder;

    @Test
    void everyPresetAndProfileThatShipsObeysItsSchema() throws Exception {
        assertThat(DataFiles.rules()).hasSize(5);
        for (HouseRules rules : DataFiles.rules()) {
            Path file = folder.resolve("a" + SettingsFile.RULES_ENDING);
            SettingsFile.save(file, rules);
            assertThat(SettingsFile.rules(file)).isEqualTo(rules);
            assertThat(rules.source()).contains("check your edition");
        }
        assertThat(DataFiles.profiles()).hasSize(4);
        for (PanelProfile profile : DataFiles.profiles()) {
            Path file = folder.resolve("a" + SettingsFile.PROFILE_ENDING);
            SettingsFile.save(file, profile);
            assertThat(SettingsFile.profile(file)).isEqualTo(profile);
        }
    }

    @Test
    void theFirmsOwnAreFoundAgainAndBrokenOnesPassedOver() throws Exception {
        HouseRules own =
                DataFiles.rules("graded-3").with("Our way / 2", Map.of(), Map.of(RuleFigure.SIREN_MINUTES, 4.0));
        Path file = SettingsFile.rulesFile(folder, own.name());
        SettingsFile.save(file, own);
        Files.writeString(file.resolveSibling("broken" + SettingsFile.RULES_ENDING), "{");
        assertThat(file.getFileName()).hasToString("our-way-2.rules.json");
        assertThat(SettingsFile.ownRules(folder)).containsExactly(own);
        assertThat(SettingsFile.ownProfiles(folder)).isEmpty();
    }

    @ParameterizedTest
    @CsvSource(delimiter = ';', textBlock = """
            "grade": 3;              "grade": 9;             /grade
            "LOOP": "DOUBLE;         "LOOP": "TREBLE;        /options/LOOP
            "STANDBY_HOURS": 60.0;   "STANDBY_HOURS": "x";   /figures/STANDBY_HOURS
            "STANDBY_HOURS": 60.0,;  ;                       STANDBY_HOURS
            "name": "Graded;         "nome": "Graded;        name
            """)
    void rulesThatBreakTheirSchemaNameTheField(String right, String wrong, String field) throws Exception {
        Path file = folder.resolve("a" + SettingsFile.RULES_ENDING);
        SettingsFile.save(file, DataFiles.rules("graded-3"));
        String text = Files.readString(file);
        assertThat(text).contains(right);
        Files.writeString(file, text.replace(right, wrong == null ? "" : wrong));
        assertThatThrownBy(() -> SettingsFile.rules(file))
                .isInstanceOf(BrokenFile.class)
                .hasMessageContaining(file.toString())
                .hasMessageContaining(field)
                .hasMessageContaining("docs/rules.schema.json");
    }

    @Test
    void whatAFirmRaisesIsKeptAndAFindingThatIsNotKnownIsRefused() throws Exception {
        Path file = folder.resolve("a" + SettingsFile.RULES_ENDING);
        HouseRules rules = DataFiles.rules("graded-3").withRaised("looks-normal", Optional.of(Raise.TIGHT));
        SettingsFile.save(file, rules);
        assertThat(SettingsFile.rules(file)).isEqualTo(rules);
        SettingsFile.save(file, rules.withRaised("looks-odd", Optional.of(Raise.WRONG)));
        assertThatThrownBy(() -> SettingsFile.rules(file))
                .isInstanceOf(BrokenFile.class)
                .hasMessageContaining(file.toString())
                .hasMessageContaining("raised.looks-odd")
                .hasMessageContaining("docs/findings.md");
    }

    @ParameterizedTest
    @CsvSource(delimiter = ';', textBlock = """
            "pullUpVolts": 5.0;   "pullUpVolts": "five";  /pullUpVolts
            "sort": "BOARD";      "sort": "PLANK";        /modules/0/sort
            "zones": ;            "zunes": ;              /capacity
            """)
    void aProfileThatBreaksItsSchemaNamesTheField(String right, String wrong, String field) throws Exception {
        Path file = folder.resolve("a" + SettingsFile.PROFILE_ENDING);
        SettingsFile.save(file, DataFiles.profile("sample-b"));
        String text = Files.readString(file);
        assertThat(text).contains(right);
        Files.writeString(file, text.replace(right, wrong));
        assertThatThrownBy(() -> SettingsFile.profile(file))
                .isInstanceOf(BrokenFile.class)
                .hasMessageContaining(field)
                .hasMessageContaining("docs/profile.schema.json");
    }

    @Test
    void aProfileMayStateItsBandsInVoltsAndAModuleItsOwnInputs() throws Exception {
        Path file = folder.resolve("c" + SettingsFile.PROFILE_ENDING);
        SettingsFile.save(file, DataFiles.profile("sample-c"));
        PanelProfile read = SettingsFile.profile(file);
        assertThat(read).isEqualTo(DataFiles.profile("sample-c"));
        InputModel converter = read.inputs(read.module("converter-12").orElseThrow());
        assertThat(converter.pullUpVolts()).isEqualTo(12);
        SchemeBands smoke = converter.reads(SchemeKind.TWO_WIRE_SMOKE).orElseThrow();
        assertThat(smoke.unit()).isEqualTo(BandUnit.VOLTS);
        assertThat(read.inputs(read.board())).isEqualTo(read.inputs());
    }

    @ParameterizedTest
    @CsvSource(delimiter = ';', textBlock = """
            "lowVolts": 10.4;                     "lowVolts": 12.4;                    begins at 12.4 V
            "lowVolts": 7.4,  "highVolts": 9.4;   "lowVolts": 3.9,  "highVolts": 9.4;  overlap at
            "lowVolts": 7.4,  "highVolts": 9.4;   "lowVolts": 9.4,  "highVolts": 7.4;  the upper edge must be the larger
            "lowVolts": 7.4,  "highVolts": 9.4;   "lowOhms": 7000,  "highOhms": 8000;  partly in ohms, partly in volts
            "lowVolts": 7.4,  "highVolts": 9.4;   "lowVolts": -1,   "highVolts": 9.4;  lowVolts
            """)
    void bandsThatCannotBeAreRefusedWithTheirFigures(String right, String wrong, String says) throws Exception {
        Path file = folder.resolve("c" + SettingsFile.PROFILE_ENDING);
        SettingsFile.save(file, DataFiles.profile("sample-c"));
        String text = Files.readString(file);
        String pattern = Pattern.quote(right).replace("  ", "\\E\\s+\\Q");
        assertThat(text).containsPattern(pattern);
        Files.writeString(file, Pattern.compile(pattern).matcher(text).replaceFirst(Matcher.quoteReplacement(wrong)));
        assertThatThrownBy(() -> SettingsFile.profile(file))
                .isInstanceOf(BrokenFile.class)
                .hasMessageContaining(says)
                .hasMessageContaining("docs/profile.schema.json");
    }

    @Test
    void whatTheSchemaCannotSayIsCheckedToo() throws Exception {
        Path file = folder.resolve("a" + SettingsFile.RULES_ENDING);
        SettingsFile.save(file, DataFiles.rules("graded-3"));
        String text = Files.readString(file)
                .replace("\"JOINTS\": \"CRIMP\"", "")
                .replace("\"JOINTS\": \"CONNECTOR_BLOCK\"", "\"JOINTS\": \"LINK\"");
        Files.writeString(file, text);
        assertThatThrownBy(() -> SettingsFile.rules(file))
                .isInstanceOf(BrokenFile.class)
                .hasMessageContaining("JOINTS");
    }

    @Test
    void filesThatAreNoneSaySo() throws Exception {
        assertThatThrownBy(() -> SettingsFile.rules(folder.resolve("none"))).hasMessageContaining("There is no file");
        Path cut = Files.writeString(folder.resolve("cut.rules.json"), "{\n  \"name\": \"x\",\n");
        assertThatThrownBy(() -> SettingsFile.rules(cut)).hasMessageContaining("line 3");
        Path garbled = Files.write(folder.resolve("g.rules.json"), new byte[] {'{', (byte) 0xE9, '}'});
        assertThatThrownBy(() -> SettingsFile.rules(garbled)).hasMessageContaining("not text in UTF-8");
    }

    @Test
    void theUsualAnswersAreThoseOfTheFirstPreset() {
        for (PracticeQuestion question : PracticeQuestion.values()) {
            assertThat(PracticeOption.usual(question))
                    .isEqualTo(DataFiles.rules("graded-2").option(question));
            assertThat(PracticeOption.usual(question).question()).isEqualTo(question);
        }
    }

    @Test
    void rulesOfAnEarlierVersionGetTheFiguresThatCameSince() throws Exception {
        Path file = folder.resolve("old" + SettingsFile.RULES_ENDING);
        SettingsFile.save(file, DataFiles.rules("graded-3"));
        Files.writeString(
                file,
                Files.readString(file)
                        .replaceAll(
                                "\\s*\"(DEVICE_BATTERY|SUPERVISION|RADIO_MARGIN|CONFIRMATION|REPORT_DELAY)_\\w+\": [^,]+,",
                                ""));
        assertThat(Files.readString(file)).doesNotContain("SUPERVISION");
        HouseRules read = SettingsFile.rules(file);
        assertThat(read.figure(RuleFigure.SUPERVISION_MINUTES))
                .isEqualTo(DataFiles.rules("graded-2").figure(RuleFigure.SUPERVISION_MINUTES));
        assertThat(read.figure(RuleFigure.STANDBY_HOURS)).isEqualTo(60);
    }

    /// A firm that wrote its rules years ago keeps them.
    @Test
    void rulesWithTheFieldNamesOfAnEarlierVersionAreRead() throws Exception {
        HouseRules rules = DataFiles.rules().getFirst();
        Path file = folder.resolve("old" + SettingsFile.RULES_ENDING);
        SettingsFile.save(file, rules);
        Files.writeString(file, Files.readString(file).replace("\"options\"", "\"schools\""));
        assertThat(SettingsFile.rules(file)).isEqualTo(rules);
    }

    /// The settings of a communicator stand behind those of the panel under such ids.
    @Test
    void aPanelProfileWithTheIdOfAUnitsSettingIsRefused() throws Exception {
        Path file = folder.resolve("a" + SettingsFile.PROFILE_ENDING);
        SettingsFile.save(file, DataFiles.profile("sample-b"));
        String text = Files.readString(file);
        String id = DataFiles.profile("sample-b").setup().settings().getLast().id();
        Files.writeString(file, text.replace("\"" + id + "\"", "\"unit:host\""));
        assertThatThrownBy(() -> SettingsFile.profile(file))
                .isInstanceOf(BrokenFile.class)
                .hasMessageContaining("has the id unit:host")
                .hasMessageContaining("give it another");
    }
}
