package io.answerback.desktop.power;

import io.answerback.core.model.site.Job;
import io.answerback.core.paper.PowerPaper;
import io.answerback.core.supply.Supplies;
import io.answerback.core.supply.SupplyState;
import io.answerback.desktop.work.Actions;
import io.answerback.desktop.work.Background;
import io.answerback.desktop.work.FileQuestions;
import io.answerback.desktop.work.PaperFile;
import java.nio.file.Path;
import java.util.List;

/// Writes a supply on paper.
public final class PowerPrint {
    private final Actions actions;
    private final Background background;
    private final FileQuestions files;

    /// What writes files, and asks where.
    public PowerPrint(Actions actions, Background background, FileQuestions files) {
        this.actions = actions;
        this.background = background;
        this.files = files;
    }

    void ask(SupplyState supply) {
        files.toWrite(
                        "Supply of " + supply.title(),
                        "supply.pdf",
                        List.of(new FileQuestions.Sort("PDF", "*.pdf"), new FileQuestions.Sort("SVG", "*.svg")))
                .ifPresent(file -> write(supply, file));
    }

    /// Writes a supply of the job as it is now on the thread for files, and tells what became of it.
    public void write(SupplyState supply, Path file) {
        Job job = actions.now().job();
        Supplies supplies = SupplyChoice.supplies(actions.now());
        background.run(
                () -> PaperFile.write(file, measure -> PowerPaper.of(job, supplies, supply, measure)),
                problems -> actions.tell("Written: " + file + (problems.isEmpty() ? "" : ". " + problems.getFirst())));
    }
}
