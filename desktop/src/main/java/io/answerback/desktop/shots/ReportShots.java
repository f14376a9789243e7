package io.answerback.desktop.shots;

import io.answerback.core.engine.finding.Stop;
import io.answerback.core.model.id.PointId;
import io.answerback.core.model.id.ReceiverId;
import io.answerback.core.model.site.Job;
import io.answerback.desktop.ApplicationWindow;
import io.answerback.desktop.report.ReportSheet;
import io.answerback.files.demo.DemoJobs;
import java.util.Optional;

/// The pictures of the report bench.
///
/// @param application the window
/// @param camera takes them
record ReportShots(ApplicationWindow application, Camera camera) {
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
        camera.onWindow(() -> {
            put(DemoJobs.job(1));
            application.benches().report().open(ReportSheet.SIGNAL);
        });
    }

    private void put(Job job) {
        application.openJob().put(job, Optional.empty(), "");
    }
}
