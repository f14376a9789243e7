package io.answerback.desktop;

import io.answerback.desktop.cable.CableShelf;
import io.answerback.desktop.communicator.UnitShelf;
import io.answerback.desktop.handover.HandOverBench;
import io.answerback.desktop.report.ReceiverShelf;
import io.answerback.desktop.setup.FoundTable;
import io.answerback.desktop.shell.JobKeeper;
import io.answerback.desktop.start.StartSheet;
import io.answerback.desktop.survey.SurveyCommands;
import io.answerback.desktop.work.Background;
import io.answerback.desktop.work.OpenJob;
import java.nio.file.Path;
import java.util.Locale;
import java.util.function.Consumer;

/// Takes each file that is opened or dropped to where it belongs, by its sort.
///
/// @param openJob what is read out of a panel goes to this job
/// @param background reads files
/// @param start takes house rules and panel profiles, for a new job
/// @param shelves keep what a firm has for all its jobs
/// @param recordings reads recordings of calls
/// @param pictures takes photographs of the job
/// @param survey brings in tables of points
/// @param keeper opens all else, as a job
record FileIntake(
        OpenJob openJob,
        Background background,
        StartSheet start,
        Shelves shelves,
        Consumer<Path> recordings,
        Consumer<Path> pictures,
        SurveyCommands survey,
        JobKeeper keeper) {
    /// Takes a file.
    ///
    /// @param atStart whether the start sheet is seen; then no table is taken, for there is no job to take it
    /// @param goToStart shows the start sheet
    void take(Path file, boolean atStart, Runnable goToStart) {
        if (FileSort.settings(file)) {
            goToStart.run();
            start.take(file);
        } else if (FoundTable.takes(file) && !atStart) {
            new FoundTable(openJob, background).take(file);
        } else if (CableShelf.takes(file)) {
            shelves.cables().take(file, openJob::tell, openJob::tell);
        } else if (ReceiverShelf.takes(file)) {
            shelves.receivers().take(file, openJob::tell, openJob::tell);
        } else if (UnitShelf.takes(file)) {
            shelves.units().take(file, openJob::tell, openJob::tell);
        } else if (file.getFileName().toString().toLowerCase(Locale.ROOT).endsWith(".wav") && !atStart) {
            recordings.accept(file);
        } else if (HandOverBench.takes(file) && !atStart) {
            pictures.accept(file);
        } else if (FileSort.table(file) && !atStart) {
            survey.read(file);
        } else {
            keeper.open(file);
        }
    }
}
