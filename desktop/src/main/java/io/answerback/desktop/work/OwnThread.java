package io.answerback.desktop.work;

import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;

/// Threads for whatever keeps a processor busy. They are the system's: virtual threads share as many of those as
/// there are processors, and give them up only where they wait, so that two long sums on them would keep the
/// practice station and everything else on sockets from answering.
final class OwnThread {
    private OwnThread() {}

    /// Does one thing after another, and does not keep the program running.
    static ExecutorService named(String name) {
        return Executors.newSingleThreadExecutor(
                Thread.ofPlatform().daemon().name(name).factory());
    }
}
