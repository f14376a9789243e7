package io.answerback.desktop.sheets;

import io.answerback.core.engine.finding.Stop;
import io.answerback.core.model.id.ReceiverId;
import io.answerback.core.model.site.Receiver;
import org.junit.jupiter.api.BeforeEach;

/// The sheets of the stop Report.
abstract class ReportSheetsOfDemo extends DemoSheets {
    static final ReceiverId B = new ReceiverId("B");

    @BeforeEach
    void atReport() {
        at(Stop.REPORT, "07");
    }

    Receiver receiver(String id) {
        return job().receiver(new ReceiverId(id)).orElseThrow();
    }
}
