package io.answerback.desktop;

import io.answerback.desktop.cable.CableShelf;
import io.answerback.desktop.communicator.UnitShelf;
import io.answerback.desktop.report.ReceiverShelf;
import io.answerback.desktop.work.Background;
import io.answerback.desktop.work.RuleShelf;
import java.nio.file.Path;

/// What a firm keeps for all its jobs.
///
/// @param rules house rules and panel profiles
/// @param cables reels and label sheets
/// @param receivers kinds of receiver
/// @param units makes of communicator
record Shelves(RuleShelf rules, CableShelf cables, ReceiverShelf receivers, UnitShelf units) {
    /// The shelves in the folder of the application.
    static Shelves in(Path folder, Background background) {
        return new Shelves(
                new RuleShelf(folder, background),
                new CableShelf(folder, background),
                new ReceiverShelf(folder, background),
                new UnitShelf(folder, background));
    }
}
