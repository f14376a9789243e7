package io.answerback.desktop.sheets;

import io.answerback.core.engine.finding.Stop;
import io.answerback.core.panel.operation.AreaMode;
import io.answerback.desktop.live.PanelPractice;
import io.answerback.desktop.prove.ProveSheets;
import org.junit.jupiter.api.BeforeEach;

/// The practice panel of the first demo, on its sheet.
abstract class PanelOfDemo extends DemoSheets {
    PanelPractice panel;

    @BeforeEach
    void atThePanel() {
        at(Stop.PROVE, "04");
        seen();
        benches.prove().open(ProveSheets.PANEL);
        panel = benches.prove().panel();
        seen();
    }

    final AreaMode mode() {
        return panel.state().area(1).mode();
    }
}
