package io.answerback.files;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import com.networknt.schema.InputFormat;
import com.networknt.schema.SchemaRegistry;
import com.networknt.schema.SpecificationVersion;
import io.answerback.core.assess.Assessor;
import io.answerback.core.engine.edit.Edits;
import io.answerback.core.engine.edit.LoopEdits;
import io.answerback.core.engine.edit.PointEdits;
import io.answerback.core.model.device.PointKind;
import io.answerback.core.model.id.CableId;
import io.answerback.core.model.id.PointId;
import io.answerback.core.model.profile.ZoneType;
import io.answerback.core.model.site.Job;
import io.answerback.core.model.site.PanelModule;
import io.answerback.core.model.site.Point;
import io.answerback.core.prove.chain.PointResult;
import io.answerback.files.demo.DemoJobs;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class JobCodecTest {
    private final Job job = DemoJobs.job(1);
    private final String text = JobCodec.write(JobDocument.of(job));

    @Test
    void aJobComesBackAsItWasWritten() throws BrokenFile {
        assertThat(JobCodec.read(text, "job").job()).isEqualTo(job);
        assertThat(JobCodec.write(JobCodec.read(text, "job"))).isEqualTo(text);
    }

    /// A point of an older list of kinds beside one of a newer list, in which the kind takes more current.
    @Test
    void twoKindsOfOneIdThatDifferComeBackAsTheyWere() throws BrokenFile {
        Point one = job.point(new PointId("07")).orElseThrow();
        PointKind old = one.kind();
        PointKind renewed = new PointKind(
                old.id(),
                old.name() + ", renewed",
                old.family(),
                old.words(),
                old.contact(),
                old.outputs(),
                old.polarity(),
                old.twoWire(),
                old.powering(),
                old.radio());
        Job both = PointEdits.change("kind", List.of(one.id()), point -> point.withKind(renewed))
                .on(job);
        assertThat(both.points().stream()
                        .map(Point::kind)
                        .filter(kind -> kind.id().equals(renewed.id()))
                        .distinct())
                .hasSize(2);
        String written = JobCodec.write(JobDocument.of(both));
        assertThat(JobCodec.read(written, "job").job()).isEqualTo(both);
        assertThat(JobCodec.write(JobCodec.read(written, "job"))).isEqualTo(written);
    }

    @Test
    void keysStandInTheOrderOfWorkAndPointsOneALine() {
        assertThat(text.indexOf("\"site\"")).isLessThan(text.indexOf("\"practice\""));
        assertThat(text.indexOf("\"points\"")).isLessThan(text.indexOf("\"cables\""));
        assertThat(text.lines()
                        .filter(line -> line.strip().startsWith("{\"id\": \"07\", \"name\": \"Dock roller door 2\"")))
                .hasSize(1);
    }

    @Test
    void oneEditChangesOneLine() {
        String edited = JobCodec.write(
                JobDocument.of(Edits.cableMetres(new CableId("C-17"), 63).on(job)));
        var before = text.lines().toList();
        var after = edited.lines().toList();
        assertThat(after).hasSameSizeAs(before);
        assertThat(after.stream().filter(line -> !before.contains(line))).hasSize(1);
    }

    @Test
    void theSchemaAcceptsWhatIsWrittenAndRefusesWhatIsNot() throws Exception {
        Map<String, String> parts = Map.of(
                "https://answerback.example/rules.schema.json", schemaText("rules"),
                "https://answerback.example/profile.schema.json", schemaText("profile"),
                "https://answerback.example/unit.schema.json", schemaText("unit"));
        var schema = SchemaRegistry.withDefaultDialect(
                        SpecificationVersion.DRAFT_2020_12, builder -> builder.schemas(parts))
                .getSchema(schemaText("job"));
        assertThat(schema.validate(text, InputFormat.JSON)).isEmpty();
        assertThat(schema.validate(text.replace("\"metres\": 62.0", "\"metres\": -62.0"), InputFormat.JSON))
                .isNotEmpty();
        assertThat(schema.validate(text.replace("\"TAMPER\": \"PER_ZONE\"", "\"TAMPER\": \"GHOST\""), InputFormat.JSON))
                .isNotEmpty();
    }

    @Test
    void twoKindsOfOneIdThatDifferAreRefused() throws Exception {
        String kind = text.lines()
                .filter(line -> line.contains("\"id\": \"movement\""))
                .findFirst()
                .orElseThrow();
        String other = kind.replace("\"twoWire\": false", "\"twoWire\": true");
        assertThat(other).isNotEqualTo(kind);
        String first = kind.endsWith(",") ? kind : kind + ",";
        String twice = text.replace(kind, first + "\n" + other);
        assertThatThrownBy(() -> JobCodec.read(twice, "site"))
                .isInstanceOf(BrokenFile.class)
                .hasMessageContaining("another kind before it has the same id and differs")
                .hasMessageContaining("field /kinds/");
        assertThat(JobCodec.read(text.replace(kind, first + "\n" + kind), "site")
                        .job())
                .isEqualTo(job);
    }

    private static String schemaText(String name) throws IOException {
        return Files.readString(Path.of("../docs/" + name + ".schema.json"));
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "\"metres\": 62.0 | \"metres\": \"62\" | /metres: it is text (\"62\"); it must be a number",
                "\"metres\": 62.0, | | /metres: it is missing; give it a value",
                "\"metres\": 62.0 | \"metres\": null | /metres: it is nothing (null); it must be a number",
                "\"metres\": 62.0 | \"metres\": 1e300 | /metres: it is 1.0E300; it must be 10000 or less",
                "\"floorDecibelMilliwatts\": -101.0 | \"floorDecibelMilliwatts\": \"low\" | /communicator/unit/profile/floorDecibelMilliwatts: it is text (\"low\")",
                "\"version\": 13 | \"version\": 1e300 | /version: it must be a whole number",
                "\"version\": 13 | \"version\": 0 | /version: it must be a whole number from 1 to 13",
                "\"version\": 13 | \"version\": 13, \"version\": 13 | stands there twice",
                "\"fittedOn\": \"2022-06-20\" | \"fittedOn\": \"yesterday\" | it must be a date such as 2026-05-31"
            })
    void aFigureThatIsMissingOrNoFigureIsRefusedWithItsLine(String right, String wrong, String says) {
        assertThat(text).contains(right);
        String broken = text.replace(right, wrong == null ? "" : wrong);
        assertThatThrownBy(() -> JobCodec.read(broken, "site"))
                .isInstanceOf(BrokenFile.class)
                .hasMessageContaining(says)
                .message()
                .doesNotContainPattern("[Ee]xception|java\\.|tools\\.|`|io\\.answerback");
    }

    /// The current of every module, left out, made the battery smaller than it must be.
    @Test
    void aProfileWithoutTheCurrentsOfItsModulesIsRefused() {
        String without = text.replaceAll("\"milliamps\": [0-9.]+, \"boxes\"", "\"boxes\"");
        assertThat(without).isNotEqualTo(text);
        assertThatThrownBy(() -> JobCodec.read(without, "site"))
                .hasMessageContainingAll("line ", "/panel/profile/modules/0/milliamps: it is missing", "and ");
    }

    @Test
    void whatANewerVersionAddedIsSaidToBeNewer() {
        String newer = text.replaceFirst("\"version\": 13", "\"version\": 14")
                .replaceFirst("\"TAMPER\": \"PER_ZONE\"", "\"TAMPER\": \"BY_LIGHT\"");
        assertThatThrownBy(() -> JobCodec.read(newer, "site"))
                .hasMessageContainingAll("newer version of Answerback (file version 14", "Update Answerback");
    }

    @Test
    void fieldsItDoesNotKnowSurviveAnEdit() throws BrokenFile {
        String newer = text.replaceFirst(
                        "\"site\": \\{", "\"weather\": {\"wind\": \"fresh\"},\n  \"site\": {\"gate\": \"west\", ")
                .replaceFirst("\\{\"id\": \"07\", ", "{\"id\": \"07\", \"height\": 4.2, ");
        JobDocument read = JobCodec.read(newer, "job");
        Job edited = LoopEdits.parts("", new PointId("07"), wiring -> wiring.withEndOfLineOhms(2200))
                .on(read.job());
        String again = JobCodec.write(read.with(edited));
        assertThat(again).contains("\"weather\": {\"wind\": \"fresh\"}", "\"gate\": \"west\"");
        assertThat(again.lines().filter(line -> line.contains("\"id\": \"07\"")))
                .singleElement()
                .asString()
                .contains("\"height\": 4.2", "\"endOfLineOhms\": 2200.0");
    }

    @Test
    void aJobOfVersion1OpensWithItsProofsAndIsWrittenAsTheNewest() throws Exception {
        String old;
        try (var in = getClass().getResourceAsStream("version1.answerback.json")) {
            old = new String(in.readAllBytes(), java.nio.charset.StandardCharsets.UTF_8);
        }
        JobDocument read = JobCodec.read(old, "old");
        assertThat(read.newerVersion()).isEmpty();
        Job upgraded = read.job();
        assertThat(upgraded.points())
                .extracting(Point::name)
                .isEqualTo(job.points().stream().map(Point::name).toList());
        assertThat(upgraded.practice().grade()).isEqualTo(3);
        assertThat(upgraded.practice().leastLoopMargin()).isEqualTo(0.25);
        assertThat(upgraded.modules()).extracting(PanelModule::name).contains("Panel", "Expander 2", "Keypad 1");
        assertThat(upgraded.point(new PointId("02")).orElseThrow().surveyed().type())
                .isEqualTo(ZoneType.ENTRY_ROUTE);
        var assessment = new Assessor(DataFiles.events()).assess(upgraded);
        assertThat(assessment.points().stream().filter(PointResult::proven)).hasSize(13);
        assertThat(JobCodec.read(JobCodec.write(read), "again").job()).isEqualTo(upgraded);
        assertThat(JobCodec.write(read)).contains("\"version\": 13");
    }

    @Test
    void aCableOfVersion2GoesToTheSamePoint() throws Exception {
        String old = text.lines()
                .filter(line -> !line.contains("\"ends\": {\"module\"")
                        && !line.contains("\"from\": {\"module\": \"Keypad 1\"}"))
                .filter(line -> !line.contains("\"from\": {\"module\": \"Expander 1\"}"))
                .map(line -> line.replaceAll("\"ends\": \\{\"points\": \\[(\"\\d+\")]}", "\"pointId\": $1")
                        .replace(", \"besideMetal\": false", ""))
                .collect(java.util.stream.Collectors.joining("\n"))
                .replaceFirst("\"version\": 13", "\"version\": 2")
                .replaceFirst("},(\\s*],\\s*\"inputs\")", "}$1");
        assertThat(old).contains("\"pointId\": \"07\"").doesNotContain("\"ends\"");
        Job upgraded = JobCodec.read(old, "old").job();
        assertThat(upgraded.cables())
                .isEqualTo(job.cables().stream()
                        .filter(cable -> !cable.ends().points().isEmpty())
                        .toList());
        assertThat(upgraded.modules()).isEqualTo(job.modules());
    }

    @Test
    void aNewerVersionOpensReadOnly() throws BrokenFile {
        assertThat(JobCodec.read(text.replaceFirst("\"version\": 13", "\"version\": 14"), "job")
                        .newerVersion())
                .contains(14);
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "\"metres\": 62.0 | \"metres\": -5 | /metres: it is -5; it must be 0 or more",
                "\"metres\": 62.0 | \"metres\": \"long\" | it must be a number",
                "\"kind\": \"movement\" | \"kind\": \"ghost\" | points[1].kind: kind \"ghost\" is not among the job's kinds",
                "\"family\": \"DOOR\" | \"family\": \"DRAWBRIDGE\" | family",
                "\"TAMPER\": \"PER_ZONE\" | \"TAMPER\": \"SOLDER\" | it must be one of \"ONE_RING\", \"PER_ZONE\"",
                "\"format\": \"answerback-job\" | \"format\": \"shopping\" | is not an Answerback job",
                "\"id\": \"08\" | \"id\": \"07\" | point 07 is there twice",
                "\"pulsesPerSecond\": 20 | \"pulsesPerSecond\": 30 | pulsesPerSecond",
                "\"account\": \"7316\" | \"account\": \"xyz\" | 3 to 16 of 0-9 and A-F",
                "\"points\": [ | \"points\": [[ | line"
            })
    void brokenTextIsRefusedWithItsPlace(String right, String wrong, String says) {
        String broken = text.replaceFirst(
                java.util.regex.Pattern.quote(right), java.util.regex.Matcher.quoteReplacement(wrong));
        assertThat(broken).isNotEqualTo(text);
        assertThatThrownBy(() -> JobCodec.read(broken, "j.json"))
                .isInstanceOf(BrokenFile.class)
                .hasMessageStartingWith("j.json")
                .hasMessageContaining(says)
                .message()
                .doesNotContain("\n");
    }

    @Test
    void cutOffTextSaysWhichLine() {
        assertThatThrownBy(() -> JobCodec.read(text.substring(0, text.length() / 2), "j.json"))
                .hasMessageMatching("j.json, line \\d+.*");
    }

    @Test
    void emptyTextIsNoJob() {
        assertThatThrownBy(() -> JobCodec.read("", "j.json")).isInstanceOf(BrokenFile.class);
        assertThatThrownBy(() -> JobCodec.read("[]", "j.json")).isInstanceOf(BrokenFile.class);
    }

    /// What was noted of a core is compared with the plan by its words, which have changed.
    @Test
    void coresNotedInEarlierWordsAreWhereTheyWere() throws Exception {
        Job job = DemoJobs.job(1);
        String now = JobCodec.write(JobDocument.of(job));
        String before =
                now.replace(", via terminal block", ", through a block").replace("\"tamper in\"", "\"cover in\"");
        assertThat(before).isNotEqualTo(now);
        assertThat(JobCodec.read(before, "before").job()).isEqualTo(job);
    }
}
