package io.answerback.desktop.handover;

import io.answerback.core.model.site.Job;
import io.answerback.core.work.duration.Rates;
import io.answerback.core.work.duration.WorkTimes;
import io.answerback.desktop.work.Background;
import io.answerback.files.record.RatesFile;
import java.nio.file.Path;
import java.util.List;
import javafx.beans.property.ReadOnlyLongProperty;
import javafx.beans.property.ReadOnlyLongWrapper;

/// The rates of the firm: working values, corrected by what its jobs took. Used on the JavaFX thread; files are read
/// and
/// written off it.
public final class RateBook {
    private final RatesFile file;
    private final Background background;
    private List<WorkTimes> jobs = List.of();
    private final ReadOnlyLongWrapper changes = new ReadOnlyLongWrapper();

    /// @param folder where the application keeps what it remembers
    public RateBook(Path folder, Background background) {
        this.file = new RatesFile(folder);
        this.background = background;
        background.run(file::read, this::take);
    }

    private void take(List<WorkTimes> read) {
        jobs = read;
        changes.set(changes.get() + 1);
    }

    /// Grows whenever the rates are others.
    ReadOnlyLongProperty changes() {
        return changes.getReadOnlyProperty();
    }

    /// The rates as they stand.
    public Rates rates() {
        return Rates.corrected(jobs);
    }

    /// Keeps what the work of a job took.
    void keep(Job job) {
        background.run(
                () -> {
                    file.keep(WorkTimes.of(job));
                    return file.read();
                },
                this::take);
    }
}
