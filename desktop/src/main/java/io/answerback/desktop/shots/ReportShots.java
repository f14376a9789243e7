package io.answerback.desktop.shots;

import io.answerback.core.finding.Stop;
import io.answerback.core.id.PointId;
import io.answerback.core.id.ReceiverId;
import io.answerback.core.message.Notification;
import io.answerback.core.report.JobSignals;
import io.answerback.core.site.Job;
import io.answerback.core.wording.Terms;
import io.answerback.desktop.ApplicationWindow;
import io.answerback.desktop.live.PhoneLine;
import io.answerback.desktop.live.PhonePractice;
import io.answerback.desktop.report.ReportSheet;
import io.answerback.files.DataFiles;
import io.answerback.files.demo.DemoJobs;
import java.util.List;
import java.util.Optional;
import java.util.concurrent.CompletableFuture;
import java.util.concurrent.TimeUnit;
import javafx.application.Platform;

/// The pictures of the report bench.
///
/// @param application the window
/// @param camera takes them
record ReportShots(ApplicationWindow application, Camera camera) {
    private static final int ANSWER_SECONDS = 20;
    private static final String OWNER = "+99900000301";

    /// What a receiver on a line prints, and who is told what.
    void take() throws Exception {
        camera.take("report", () -> {
            application.openJob().select(new PointId("17"));
            application.openJob().go(Stop.REPORT);
            application.benches().report().lookAt(new ReceiverId("B"));
        });
        camera.take("report-told", () -> application.benches().report().open(ReportSheet.TOLD));
        camera.take("report-paths", () -> application.benches().report().open(ReportSheet.HOW_LONG));
        camera.take("report-communicator", () -> application.benches().report().open(ReportSheet.COMMUNICATOR));
        phones();
        camera.onWindow(() -> {
            put(DemoJobs.job(1));
            application.benches().report().open(ReportSheet.SIGNAL);
        });
    }

    /// A phone that became administrator, set the site, got an alarm and silenced it.
    private void phones() throws Exception {
        camera.onWindow(() -> {
            put(DemoJobs.job(3));
            application.openJob().select(new PointId("02"));
            application.openJob().go(Stop.REPORT);
            application.benches().report().open(ReportSheet.PHONES);
        });
        PhonePractice phones = application.benches().report().phones();
        for (String text : List.of("hello", "2468 close up")) {
            answered(phones, () -> phones.text(OWNER, text, List.of()));
        }
        answered(phones, () -> phones.alarm(messages()));
        camera.take("report-phones", () -> {});
    }

    /// What is sent when the selected point becomes active.
    private List<Notification> messages() {
        Job job = application.openJob().now().job();
        PointId selected = application.openJob().now().selected();
        return JobSignals.whenActive(job, selected)
                .map(sent -> Notification.of(
                        job, sent.signal(), sent.of(), DataFiles.events().in(Terms.of(job.practice()))))
                .orElse(List.of());
    }

    /// Waits until something arrives on the owner's phone.
    private static void answered(PhonePractice phones, Runnable does) throws Exception {
        CompletableFuture<Void> arrived = new CompletableFuture<>();
        Platform.runLater(() -> {
            int before = phones.linesOf(OWNER).size();
            phones.changes().subscribe(change -> {
                List<PhoneLine> lines = phones.linesOf(OWNER);
                if (lines.size() > before && !lines.getLast().typed()) {
                    arrived.complete(null);
                }
            });
            does.run();
        });
        arrived.get(ANSWER_SECONDS, TimeUnit.SECONDS);
    }

    private void put(Job job) {
        application.openJob().put(job, Optional.empty(), "");
    }
}
