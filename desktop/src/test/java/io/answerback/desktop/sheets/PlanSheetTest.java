package io.answerback.desktop.sheets;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import io.answerback.core.engine.edit.Edits;
import io.answerback.core.engine.finding.Stop;
import io.answerback.core.model.profile.Decision;
import io.answerback.core.model.shown.Showing;
import io.answerback.core.model.site.Receiver;
import io.answerback.core.prove.acceptance.AcceptancePlan;
import io.answerback.core.prove.acceptance.LineState;
import io.answerback.core.prove.acceptance.WalkNote;
import io.answerback.core.report.Outgoing;
import io.answerback.core.setup.SetupEdits;
import io.answerback.core.signal.event.Qualifier;
import io.answerback.core.signal.event.Signal;
import io.answerback.core.signal.format.IpFrame;
import io.answerback.desktop.live.PracticeSession;
import io.answerback.desktop.live.WalkPractice;
import io.answerback.desktop.prove.ProveSheets;
import io.answerback.files.DataFiles;
import io.answerback.station.Transmitter;
import java.io.IOException;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.time.Duration;
import java.time.InstantSource;
import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;

/// The plan of what must be shown, and a walk on which signals from outside tick it.
class PlanSheetTest extends DemoSheets {
    private WalkPractice walk;
    private int sequence;

    @BeforeEach
    void prove() {
        at(Stop.PROVE, "07");
        seen();
        walk = benches.prove().walk();
    }

    private LineState state(String id) {
        return LineState.of(
                AcceptancePlan.of(job(), DataFiles.events()).line(id).orElseThrow(), job());
    }

    /// A communicator outside this application, which sends to the practice station.
    private void sends(Qualifier qualifier, String event, int area, int zone) {
        Receiver receiver = job().receivers().stream()
                .filter(its -> its.format().overIp() && its.reception().keyBits() == 0)
                .findFirst()
                .orElseThrow();
        Signal signal = new Signal("7316", qualifier, event, area, zone);
        Outgoing out = Outgoing.of(receiver, signal, ++sequence, "", NOW, DataFiles.reporting());
        IpFrame frame = ((Outgoing.Frame) out).frame();
        String[] address = session().stationAddress().split(":");
        assertThat(new Transmitter(1, Duration.ofSeconds(5), InstantSource.fixed(NOW))
                        .send(address[0], Integer.parseInt(address[1]), frame)
                        .acknowledged())
                .isTrue();
    }

    private PracticeSession session() {
        return practice();
    }

    @Test
    void aLineIsShownByHandByWhoeverSaysWhoTheyAre() {
        benches.prove().open(ProveSheets.PLAN);
        assertThat(reads("Mains off, then on")).isTrue();
        click("Mains off, then on, not shown");
        assertThat(reads("the mains side is for a licensed person")).isTrue();
        click("Shown: by hand, now");
        assertThat(reads("Type your initials first")).isTrue();
        edit("Initials", "jk");
        edit("What was seen, heard or read back", "12.4 V under load");
        click("Shown: by hand, now");
        assertThat(state("mains").shown()).isTrue();
        assertThat(state("mains").best().map(Showing::what)).contains("12.4 V under load");
        assertThat(reads("14 of ")).isTrue();
        click("Take back");
        assertThat(state("mains").shown()).isFalse();
    }

    @Test
    void aLineIsShownInTheModelAndStillHasToBeShownOnTheRealPanel() throws Exception {
        benches.prove().open(ProveSheets.PLAN);
        click("Mains off, then on, not shown");
        click("Show in the model");
        awaitReads("in the model, practice station, 2 Jun");
        assertThat(state("mains").best().map(Showing::what)).contains("2 signals answered");
        assertThat(state("mains").shown()).isFalse();
        openJob.apply(SetupEdits.decide(Decision.REPORT_SETTING, 0, "no"));
        click("The panel's clock, not shown");
        assertThat(reads("Show in the model")).isFalse();
    }

    @Test
    void theAccountIsPutOnTestMadeLongerAndTakenOff() {
        benches.prove().open(ProveSheets.PLAN);
        assertThat(reads("Not on test")).isTrue();
        edit("Who at the station was told", "operator 12, 4471");
        assertThat(reads("reference 4471")).isTrue();
        assertThat(job().acceptance().onTest().orElseThrow().until()).isEqualTo(NOW.plus(Duration.ofHours(2)));
        click("An hour longer");
        assertThat(job().acceptance().onTest().orElseThrow().until()).isEqualTo(NOW.plus(Duration.ofHours(3)));
        click("Take off test");
        assertThat(job().acceptance().onTest()).isEmpty();
    }

    @Test
    void signalsFromOutsideTickTheirLinesAndAChangeMakesThemStale() throws Exception {
        benches.prove().open(ProveSheets.WALK);
        walk.begin(AcceptancePlan.of(job(), DataFiles.events()), "jk");
        sends(Qualifier.NEW, "130", 2, 15);
        awaitReads("07 Dock roller door 2: came, waiting for its restore");
        sends(Qualifier.RESTORE, "130", 2, 15);
        awaitReads("07 Dock roller door 2: as planned");
        assertThat(state("point:07").shown()).isTrue();
        assertThat(state("point:07").best().map(Showing::way)).contains(Showing.Way.LIVE);
        openJob.apply(Edits.zoneArea(15, Optional.of(3)));
        assertThat(state("point:07").shown()).isFalse();
        benches.prove().open(ProveSheets.PLAN);
        assertThat(reads("Zone: area: 02, now 03")).isTrue();
    }

    @Test
    void twoSwappedDevicesAndAWrongAreaAreNamedInLargeType() throws Exception {
        benches.prove().open(ProveSheets.WALK);
        walk.begin(AcceptancePlan.of(job(), DataFiles.events()), "jk");
        click("06 Dock roller door 1, live");
        sends(Qualifier.NEW, "130", 2, 15);
        awaitReads("07 Dock roller door 2 came, and you are at 06 Dock roller door 1");
        click("07 Dock roller door 2, ");
        sends(Qualifier.NEW, "130", 2, 14);
        awaitReads("07 Dock roller door 2 and 06 Dock roller door 1 are swapped");
        sends(Qualifier.NEW, "130", 1, 16);
        awaitReads("area 01, planned 02");
        assertThat(reads("Zone 16 is in area 01 in the panel. The plan has it in 02."))
                .isTrue();
        assertThat(walk.notes()).extracting(noted -> noted.note().kind()).contains(WalkNote.Kind.SWAPPED);
        click("To the run sheet");
        assertThat(openJob.now().stop()).isEqualTo(Stop.SET_UP);
        assertThat(openJob.now().selected().text()).isEqualTo("08");
    }

    @Test
    void aPlanThatIsMendedDuringTheWalkIsWalkedOnWith() throws Exception {
        benches.prove().open(ProveSheets.WALK);
        walk.begin(AcceptancePlan.of(job(), DataFiles.events()), "jk");
        sends(Qualifier.NEW, "130", 1, 16);
        awaitReads("area 01, planned 02");
        openJob.apply(Edits.zoneArea(16, Optional.of(1)));
        sends(Qualifier.NEW, "130", 1, 16);
        awaitReads("08 Dock movement: came, waiting for its restore");
    }

    @Test
    void whatThisApplicationSendsItselfTicksNothing() throws Exception {
        benches.prove().open(ProveSheets.PANEL);
        walk.begin(AcceptancePlan.of(job(), DataFiles.events()), "jk");
        click("Cash desk hold-up, at rest");
        awaitReads("Station A answered in ");
        assertThat(walk.notes()).isEmpty();
    }

    @Test
    void aPhoneReadsTheListWithTheCodeAndSaysWhereSomebodyIs() throws Exception {
        benches.prove().open(ProveSheets.WALK);
        walk.begin(AcceptancePlan.of(job(), DataFiles.events()), "jk");
        click("On the phone");
        String words = String.join("\n", seen().words());
        Matcher shown = Pattern.compile("http://[0-9.]+:(\\d+).*?code (\\d{6})", Pattern.DOTALL)
                .matcher(words);
        assertThat(shown.find()).isTrue();
        String place = "http://127.0.0.1:" + shown.group(1);
        HttpClient phone = HttpClient.newHttpClient();
        String cookie = post(phone, place + "/open", "none=1", shown.group(2))
                .headers()
                .firstValue("Set-Cookie")
                .orElseThrow()
                .split(";")[0];
        assertThat(post(phone, place + "/here", cookie, "point:07").body()).contains("07 Dock roller door 2");
        awaitReads("waits for 130 · 02 · 015");
        assertThat(walk.walk().orElseThrow().at()).contains("point:07");
        post(phone, place + "/here", cookie, "point:nowhere");
        click("Close the page");
        assertThatThrownBy(() -> post(phone, place + "/open", "none=1", "1")).isInstanceOf(IOException.class);
        assertThat(walk.walk().orElseThrow().at()).contains("point:07");
    }

    private static HttpResponse<String> post(HttpClient phone, String where, String cookie, String body)
            throws IOException, InterruptedException {
        return phone.send(
                HttpRequest.newBuilder(URI.create(where))
                        .header("Cookie", cookie)
                        .POST(HttpRequest.BodyPublishers.ofString(body))
                        .build(),
                HttpResponse.BodyHandlers.ofString());
    }
}
